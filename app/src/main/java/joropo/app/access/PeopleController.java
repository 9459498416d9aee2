package joropo.app.access;

import java.security.Principal;
import java.util.Map;
import joropo.app.ui.Errors;
import joropo.core.units.RefusedInput;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** A lead looks after the people of the shop. */
@Controller
@RequestMapping("/people")
class PeopleController {
    private final PeopleService people;

    PeopleController(PeopleService people) {
        this.people = people;
    }

    @GetMapping
    String list(Model model) {
        return page(new NewPerson("", "", Role.FITTER, ""), Map.of(), model);
    }

    @PostMapping
    String add(
            @RequestParam String name,
            @RequestParam String fullName,
            @RequestParam Role role,
            @RequestParam String password,
            Principal who,
            Model model) {
        var wanted = new NewPerson(name, fullName, role, password);
        try {
            people.add(wanted, who.getName());
            return "redirect:/people";
        } catch (RefusedInput e) {
            return page(wanted, Errors.byField(e), model);
        }
    }

    @PostMapping("/{name}/password")
    String setPassword(@PathVariable String name, @RequestParam String password, Principal who, Model model) {
        try {
            people.setPassword(name, password, who.getName());
            return "redirect:/people";
        } catch (RefusedInput e) {
            return page(
                    new NewPerson("", "", Role.FITTER, ""),
                    Map.of("password-" + name, e.errors().get(0).message()),
                    model);
        }
    }

    @PostMapping("/{name}/withdraw")
    String withdraw(@PathVariable String name, @RequestParam String why, Principal who, Model model) {
        try {
            people.withdraw(name, why, who.getName());
            return "redirect:/people";
        } catch (RefusedInput e) {
            return page(
                    new NewPerson("", "", Role.FITTER, ""),
                    Map.of("why-" + name, e.errors().get(0).message()),
                    model);
        }
    }

    private String page(NewPerson form, Map<String, String> errors, Model model) {
        model.addAttribute("people", people.all());
        model.addAttribute("form", form);
        model.addAttribute("errors", errors);
        return "access/people";
    }
}
