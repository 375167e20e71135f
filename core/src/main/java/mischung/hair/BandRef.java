package mischung.hair;

/** Which band of which zone, both counted from 0 in the head's order. */
public record BandRef(int zone, int band) {}
