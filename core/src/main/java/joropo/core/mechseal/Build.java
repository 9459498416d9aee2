package joropo.core.mechseal;

import org.jspecify.annotations.Nullable;

/** How a seal comes, and so how it is set. */
public enum Build {
    COMPONENT("component seal, several springs", SealSettingInput.Style.MULTI_SPRING),
    COIL("component seal, one coil spring", SealSettingInput.Style.SINGLE_SPRING),
    BELLOWS("bellows seal", SealSettingInput.Style.BELLOWS),
    CARTRIDGE("cartridge, set by its maker", null);

    private final String words;
    private final SealSettingInput.@Nullable Style style;

    Build(String words, SealSettingInput.@Nullable Style style) {
        this.words = words;
        this.style = style;
    }

    public String words() {
        return words;
    }

    /** What presses its faces where it is set by hand; absent: its maker has set it. */
    public SealSettingInput.@Nullable Style style() {
        return style;
    }
}
