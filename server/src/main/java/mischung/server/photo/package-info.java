/** Photographs as files: what may come in, and in which form it is kept. */
@NullMarked
package mischung.server.photo;

import org.jspecify.annotations.NullMarked;
