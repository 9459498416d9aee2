package joropo.app.access;

/** What is asked of somebody who is to sign in. */
public record NewPerson(String name, String fullName, Role role, String password) {}
