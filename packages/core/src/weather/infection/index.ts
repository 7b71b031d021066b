export * from './apple-scab';
export * from './fire-blight';
export * from './grape-powdery-mildew';
export * from './late-blight';
export * from './leaf-wetness';
export * from './potato-early-blight';
export * from './tomato-blights';
