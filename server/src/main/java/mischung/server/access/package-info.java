/** Who may do what, from where: people and their PINs, paired devices, the door to the house's network, and the trail. */
@NullMarked
package mischung.server.access;

import org.jspecify.annotations.NullMarked;
