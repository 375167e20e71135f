package mischung.school;

/** Something colourists choose between. */
public interface Choice {
    String words();

    /** One line of why and when. */
    String why();
}
