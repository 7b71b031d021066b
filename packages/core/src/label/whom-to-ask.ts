/** Whom to ask where no label speaks any more. */
export const WHOM_TO_ASK =
  'No safe picking date can be named: do not eat it. Ask the maker (the number is on the label), your extension or plant-health office, or your poison centre.';
