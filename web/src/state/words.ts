export function lowerFirst(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}

export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
