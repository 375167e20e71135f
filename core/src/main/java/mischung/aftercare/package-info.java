/** What follows a job: when to come again, and what to do at home. */
@NullMarked
package mischung.aftercare;

import org.jspecify.annotations.NullMarked;
