/** The job as it runs at the chair: what happened, entry by entry, and what follows from it now. */
@NullMarked
package mischung.job;

import org.jspecify.annotations.NullMarked;
