package joropo.app.ui;

import joropo.core.verdict.Finding;

/**
 * A finding with its number on the page, which its tag in a drawing bears too, its figures and its source as they are
 * written.
 */
public record FindingLine(int number, Finding finding, StatusMark sign, String value, String limits, String source) {}
