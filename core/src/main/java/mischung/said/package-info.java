/**
 * What is to be told a person, as data: which message, with its figures. Sentences are made of it outside the core, in the reader's
 * language.
 */
@NullMarked
package mischung.said;

import org.jspecify.annotations.NullMarked;
