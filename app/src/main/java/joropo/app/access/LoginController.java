package joropo.app.access;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import joropo.app.JoropoSettings;
import joropo.app.ui.Errors;
import joropo.core.units.Needs;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

/** Sign-in, the first account of an empty shop, and what was typed when a session had ended. */
@Controller
class LoginController {
    private final PeopleService people;
    private final JoropoSettings settings;
    private final FirstAccount firstAccount;

    LoginController(PeopleService people, JoropoSettings settings, FirstAccount firstAccount) {
        this.people = people;
        this.settings = settings;
        this.firstAccount = firstAccount;
    }

    @GetMapping("/login")
    String login(HttpServletRequest request, Model model) {
        if (request.getUserPrincipal() != null) {
            return "redirect:/";
        }
        if (people.isEmpty()) {
            return "redirect:/first-account";
        }
        model.addAttribute("kind", request.getQueryString() == null ? "" : request.getQueryString());
        model.addAttribute("demoPeople", settings.demo() && AtTheMachine.is(request) ? DemoPeople.ALL : List.of());
        return "access/login";
    }

    /**
     * A plain form that came after the session had ended: its texts are shown, so that they can be typed or copied
     * again.
     */
    @RequestMapping("/login/kept")
    String kept(HttpServletRequest request, Model model) {
        Map<String, String> texts = new TreeMap<>();
        Set<String> ofTheAddress = UriComponentsBuilder.newInstance()
                .query(request.getQueryString())
                .build()
                .getQueryParams()
                .keySet();
        request.getParameterMap().forEach((name, values) -> {
            if (!name.startsWith("_")
                    && !ofTheAddress.contains(name)
                    && !name.toLowerCase(Locale.ROOT).contains("password")
                    && !String.join("", values).isBlank()) {
                texts.put(name, String.join(", ", values));
            }
        });
        model.addAttribute("texts", texts);
        model.addAttribute("back", request.getHeader("Referer") == null ? "/" : path(request.getHeader("Referer")));
        return "access/kept";
    }

    @GetMapping("/first-account")
    String firstAccount(HttpServletRequest request, Model model) {
        return people.isEmpty()
                ? first(new NewPerson("", "", Role.LEAD, ""), Map.of(), request, model)
                : "redirect:/login";
    }

    @PostMapping("/first-account")
    String makeFirst(
            @RequestParam String name,
            @RequestParam String fullName,
            @RequestParam String password,
            @RequestParam(defaultValue = "") String code,
            HttpServletRequest request,
            Model model) {
        try {
            new Needs()
                    .that("code", AtTheMachine.is(request) || firstAccount.knows(code), "is not the one in the log")
                    .done();
            people.addFirst(new NewPerson(name, fullName, Role.LEAD, password));
            return "redirect:/login?made";
        } catch (RefusedInput e) {
            return first(new NewPerson(name, fullName, Role.LEAD, ""), Errors.byField(e), request, model);
        }
    }

    private String first(NewPerson form, Map<String, String> errors, HttpServletRequest request, Model model) {
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        model.addAttribute("here", AtTheMachine.is(request));
        return "access/first-account";
    }

    private static String path(String referer) {
        return URI.create(referer).getPath();
    }
}
