/** What the client tells before the work. */
@NullMarked
package mischung.consultation;

import org.jspecify.annotations.NullMarked;
