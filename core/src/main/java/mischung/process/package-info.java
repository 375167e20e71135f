/** What a step does to a band: lift, remover, deposit, washes, treatments, barriers; each in closed form over its time. */
@NullMarked
package mischung.process;

import org.jspecify.annotations.NullMarked;
