/** What must be settled before the work begins, and why. */
@NullMarked
package mischung.caution;

import org.jspecify.annotations.NullMarked;
