// Flags for native screens, which the router sets when it is read and nothing here looks at.
export const featureFlags = { experiment: {} };
