/** A name as names are compared: without spaces around it, and however it is spelt in capitals. */
export const plainName = (name: string): string => name.trim().toLowerCase();
