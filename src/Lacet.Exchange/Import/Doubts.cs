namespace Lacet.Exchange.Import;

/// <summary>
/// What of a list can be read in more than one way: how often it was met, how it is answered, and what to ask.
/// </summary>
/// <param name="answers">Answers to questions of an earlier reading, by id.</param>
internal sealed class Doubts(IReadOnlyDictionary<string, string> answers)
{
    internal const string Systems = "size-system",
        Builds = "build",
        Lengths = "length-unit",
        Names = "names",
        Rows = "rows",
        Numbers = "numbers",
        FannedOut = "fanned-out",
        Bridges = "bridges",
        Cables = "cables",
        OtherMakes = "other-makes",
        OddLengths = "odd-lengths",
        OtherUnits = "other-units",
        UnknownTypes = "unknown-types",
        UnknownFunctions = "unknown-functions";

    private readonly Dictionary<string, int> _rows = new(StringComparer.Ordinal);

    private readonly Dictionary<string, string> _examples = new(StringComparer.Ordinal);

    /// <summary>Counts a cell that is not known and left open; the first is kept, to be shown.</summary>
    internal void Unknown(string doubt, string cell)
    {
        Count(doubt);
        _examples.TryAdd(doubt, cell);
    }

    /// <summary>The first cell of such a doubt.</summary>
    internal string Example(string doubt) => WireWords.Shown(_examples.GetValueOrDefault(doubt, ""));

    internal void Count(string doubt, int rows = 1) => _rows[doubt] = Met(doubt) + rows;

    /// <summary>How many rows a doubt is about.</summary>
    internal int Met(string doubt) => _rows.GetValueOrDefault(doubt);

    internal string Answer(string doubt, string otherwise) => answers.GetValueOrDefault(doubt, otherwise);

    /// <summary>
    /// What to ask of a list. <paramref name="metricColumn"/> says that most of its sizes are mm²,
    /// <paramref name="usualLength"/> the unit that its lengths most likely have.
    /// </summary>
    internal IReadOnlyList<ImportQuestion> Questions(bool metricColumn, string usualLength)
    {
        var questions = new List<ImportQuestion>();
        AskOfConductors(questions, metricColumn, usualLength);
        AskOfRows(questions);
        return questions;
    }

    private void AskOfConductors(List<ImportQuestion> questions, bool metricColumn, string usualLength)
    {
        Ask(
            questions,
            Systems,
            "Some sizes are bare numbers that are a gauge and a metric size too, such as 4, 6, 10 or 16. What are they?",
            metricColumn ? "mm2" : "awg",
            ("awg", "AWG"),
            ("mm2", "mm²")
        );
        Ask(
            questions,
            Builds,
            "Some wires don’t say solid, stranded or fine. What are they?",
            "usual",
            ("usual", "AWG stranded, mm² fine-stranded"),
            ("solid", "all solid"),
            ("stranded", "all stranded"),
            ("fine", "all fine-stranded")
        );
        Ask(
            questions,
            Lengths,
            "Some lengths have no unit. What are they?",
            usualLength,
            ("m", "metres"),
            ("ft", "feet"),
            ("in", "inches"),
            ("cm", "centimetres"),
            ("mm", "millimetres")
        );
    }

    private void AskOfRows(List<ImportQuestion> questions)
    {
        Ask(
            questions,
            Rows,
            "Some numbers stand on several rows, and some on one. What is a row?",
            "ends",
            ("ends", "one end: rows of one number are one wire"),
            ("wires", "one wire each")
        );
        Ask(
            questions,
            Numbers,
            "Many rows share their numbers. What is a number?",
            "potential",
            ("potential", "a potential: its wires are numbered on, 24V.1, 24V.2"),
            ("wire", "one wire: a second of its number is a mistake")
        );
    }

    private void Ask(
        List<ImportQuestion> questions,
        string id,
        string says,
        string otherwise,
        params (string Value, string Says)[] options
    )
    {
        if (_rows.TryGetValue(id, out var rows))
        {
            questions.Add(
                new(id, says, [.. options.Select(o => new ImportOption(o.Value, o.Says))], Answer(id, otherwise), rows)
            );
        }
    }
}
