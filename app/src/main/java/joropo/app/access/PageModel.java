package joropo.app.access;

import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import joropo.app.ui.InchPagesFilter;
import joropo.app.ui.Paged;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;

/** What every page knows: who is signed in, and which page it is. */
@ControllerAdvice(annotations = Controller.class)
class PageModel {
    private final PeopleService people;

    PageModel(PeopleService people) {
        this.people = people;
    }

    @ModelAttribute("me")
    @Nullable
    Person me(@Nullable Principal who, HttpServletRequest request) {
        Person me = who == null ? null : people.find(who.getName()).orElse(null);
        if (me != null) {
            request.setAttribute(InchPagesFilter.UNIT, me.unit());
        }
        return me;
    }

    /**
     * The paper that the screen has room for, as its script has told; empty while it has not: then a page brings a wide
     * and a narrow drawing.
     */
    @ModelAttribute("paper")
    String paper(@CookieValue(name = "paper", defaultValue = "") String told) {
        return told.matches("WIDE|SHEET|NARROW") ? told : "";
    }

    /** Whether the whole entry is to be drawn, not the seals and their neighbours alone. */
    @ModelAttribute("whole")
    boolean whole(@CookieValue(name = "whole", defaultValue = "") String told) {
        return told.equals("yes");
    }

    /** The page of a long list that is asked for, from 1. */
    @ModelAttribute(Paged.ASKED)
    int page(@RequestParam(name = "page", defaultValue = "1") String page) {
        return page.matches("[1-9]\\d{0,8}") ? Integer.parseInt(page) : 1;
    }

    @ModelAttribute("path")
    String path(HttpServletRequest request) {
        return request.getRequestURI();
    }
}
