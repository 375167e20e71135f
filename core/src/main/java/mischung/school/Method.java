package mischung.school;

/** The schools a case is worked by. */
public record Method(
        School filler,
        Rinse rinse,
        FillerOn fillerOn,
        Hold hold,
        TakeOut takeOut,
        Pull pull,
        Between between,
        Start start,
        Pace pace) {
    /** As most begin: two-level steps, cool rinse, dry, demi, remover first, low and slow, working on, back first, one visit. */
    public static final Method USUAL = new Method(
            School.LADDER,
            Rinse.COOL,
            FillerOn.DRY,
            Hold.DEMI,
            TakeOut.REMOVER_FIRST,
            Pull.LOW_AND_SLOW,
            Between.WORK_ON,
            Start.BACK,
            Pace.ONE_DAY);

    public Method with(School other) {
        return new Method(other, rinse, fillerOn, hold, takeOut, pull, between, start, pace);
    }

    public Method with(Rinse other) {
        return new Method(filler, other, fillerOn, hold, takeOut, pull, between, start, pace);
    }

    public Method with(FillerOn other) {
        return new Method(filler, rinse, other, hold, takeOut, pull, between, start, pace);
    }

    public Method with(Hold other) {
        return new Method(filler, rinse, fillerOn, other, takeOut, pull, between, start, pace);
    }

    public Method with(TakeOut other) {
        return new Method(filler, rinse, fillerOn, hold, other, pull, between, start, pace);
    }

    public Method with(Pull other) {
        return new Method(filler, rinse, fillerOn, hold, takeOut, other, between, start, pace);
    }

    public Method with(Between other) {
        return new Method(filler, rinse, fillerOn, hold, takeOut, pull, other, start, pace);
    }

    public Method with(Start other) {
        return new Method(filler, rinse, fillerOn, hold, takeOut, pull, between, other, pace);
    }

    public Method with(Pace other) {
        return new Method(filler, rinse, fillerOn, hold, takeOut, pull, between, start, other);
    }
}
