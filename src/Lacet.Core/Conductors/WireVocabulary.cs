namespace Lacet.Core.Conductors;

/// <summary>Words of wires, in the languages in which lists come.</summary>
internal static class WireVocabulary
{
    private const string Solid =
        "sol|solid|class1|class 1|cl.1|rigid|massiv|eindrähtig|rigide|rígido|rigido|massief|unipolar rigido|solid core";

    private const string Stranded =
        "str|strand|stranded|strd|class2|class 2|cl.2|mehrdrähtig|câblé|cableado|cordato|samengeslagen|multifilar|semi-rigide";

    private const string Fine =
        "fine|finestranded|fine-stranded|fine stranded|flex|flexible|class5|class 5|cl.5|class6|class 6|feindrähtig|feinstdrähtig|litze|souple|flessibile|soepel|flexível|extra-flexible";

    private const string Aluminium = "al|alu|alum|aluminium|aluminum|aluminio|alluminio|alumínio";
    private const string Copper = "cu|copper|kupfer|cuivre|cobre|rame|koper|tinned|tinned copper|bare copper";

    private const string WithEarth =
        "w/g|wg|w/gnd|w/ground|w/e|w/earth|with ground|with earth|with gnd|with bare ground|with bare earth|with a ground|with an earth|+ ground|+ earth|+g|+ g|+gnd|plus ground|plus earth|and ground|and earth|w/ g|w/ ground|w/ gnd|c/w ground";

    private const string WithoutEarth =
        "without earth|without ground|no ground|no earth|w/o ground|w/o g|w/o earth|wo ground";

    private const string Shield =
        "shielded|shield|shld|shd|screened|scr|foil|geschirmt|blindé|apantallado|schermato|afgeschermd|with drain|w/drain|w/ drain|shielded with drain|w/shield|w/ shield|overall shield";

    private const string Fillers =
        "wire|wires|wiring|cable|cables|cord|conductor|conductors|core|cores|hookup|hook-up|hook up|building|single|insulated|insulation|type|gauge|of|the|a|an|awm|ul|each|type:|colour|color|size|multi-conductor|multiconductor|control|kabel|leitung|ader|adern|draht|fil|câble|hilo|conductor de|filo|cavo|draad|fio|cabo|and|x|xlpe|pvc|epr|lszh|lsoh|lsf|nylon|rubber|swa|armoured|armored|stranding|marker|600v|600 v|300v|300 v";

    private static readonly Dictionary<string, WireWord> All = Vocabulary();

    private static readonly Dictionary<string, WireWord>.AlternateLookup<ReadOnlySpan<char>> Words =
        All.GetAlternateLookup<ReadOnlySpan<char>>();

    private static readonly HashSet<string>.AlternateLookup<ReadOnlySpan<char>> Beginnings = All
        .Keys.Where(k => k.Contains(' ', StringComparison.Ordinal))
        .Select(k => k.Split(' ')[0])
        .ToHashSet(StringComparer.OrdinalIgnoreCase)
        .GetAlternateLookup<ReadOnlySpan<char>>();

    /// <summary>Whether a word begins one of several words.</summary>
    internal static bool Begins(ReadOnlySpan<char> word) => Beginnings.Contains(word);

    /// <summary>What a word or several mean; null where they are none of these.</summary>
    internal static WireWord? Find(ReadOnlySpan<char> phrase) =>
        Words.TryGetValue(phrase, out var word) ? word
        // A full stop behind a shortened word: str., cond.
        : phrase is [.. var bare, '.'] && Words.TryGetValue(bare, out word) ? word
        : null;

    private static Dictionary<string, WireWord> Vocabulary()
    {
        var words = new Dictionary<string, WireWord>(StringComparer.OrdinalIgnoreCase);
        Add(Solid, new(Build.Solid));
        Add(Stranded, new(Build.Stranded));
        Add(Fine, new(Build.FineStranded));
        Add(Aluminium, new(Material: Material.Aluminium));
        Add(Copper, new(Material: Material.Copper));
        Add(WithEarth, new(Earth: EarthInCable.Beside));
        Add(WithoutEarth, new(Earth: EarthInCable.None));
        Add("one of them earth|one of them ground|incl. earth|incl. ground", new(Earth: EarthInCable.Among));
        Add(Shield, new(Shielded: true));
        Add("stp|shielded pair|shielded twisted pair|twisted shielded pair|tsp", new(Shielded: true, Pair: true));
        Add("pair|twisted pair|utp|tp|twisted", new(Pair: true));
        Add(Fillers, new());
        return words;

        void Add(string all, WireWord word)
        {
            foreach (var one in all.Split('|'))
            {
                words.Add(one, word);
            }
        }
    }
}
