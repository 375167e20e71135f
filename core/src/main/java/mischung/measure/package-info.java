/** Colour measured on the hair instead of read by eye. */
@NullMarked
package mischung.measure;

import org.jspecify.annotations.NullMarked;
