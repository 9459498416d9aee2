package joropo.app.access;

import java.util.List;

/** The four sign-ins of the demo; they exist only where the demo was made, and its sign-in page shows them. */
public final class DemoPeople {
    public static final List<NewPerson> ALL = List.of(
            new NewPerson("marisol", "Marisol Araguaney", Role.FITTER, "guasimo-marisol"),
            new NewPerson("tobias", "Tobías Cañafístola", Role.FITTER, "guasimo-tobias"),
            new NewPerson("jacinta", "Jacinta Samán", Role.LEAD, "guasimo-jacinta"),
            new NewPerson("visita", "Visita Apamate", Role.VIEWER, "guasimo-visita"));

    private DemoPeople() {}
}
