export function lowerFirst(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}

export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** "Saturday 5 December". */
export function dayWords(day: string): string {
  return new Date(`${day}T12:00`).toLocaleDateString('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
  });
}
