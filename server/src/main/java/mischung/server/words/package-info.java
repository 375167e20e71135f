/** What the core says, in words: one catalogue a language. */
@NullMarked
package mischung.server.words;

import org.jspecify.annotations.NullMarked;
