package mischung.hair;

/** An area of the head and the strand that stands for it. */
public record Zone(ZonePlace place, Strand strand) {}
