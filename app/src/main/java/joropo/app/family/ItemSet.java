package joropo.app.family;

import java.util.List;
import java.util.Map;

/**
 * Things of one kind that usually stand together in a job: added with one tap.
 *
 * @param key in an address, @param words on its button
 * @param members in the order in which they go in; the first is what the job was opened for
 */
public record ItemSet(String key, String words, List<Member> members) {
    public ItemSet {
        members = List.copyOf(members);
    }

    /** One of them. @param texts what its name says of it already, by field */
    public record Member(String name, Map<String, String> texts) {
        public Member {
            texts = Map.copyOf(texts);
        }
    }
}
