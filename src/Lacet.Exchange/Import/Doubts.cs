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
        Several = "several",
        Names = "names";

    private readonly Dictionary<string, int> _rows = new(StringComparer.Ordinal);

    internal void Count(string doubt) => _rows[doubt] = Met(doubt) + 1;

    /// <summary>How many rows a doubt is about.</summary>
    internal int Met(string doubt) => _rows.GetValueOrDefault(doubt);

    internal string Answer(string doubt, string otherwise) => answers.GetValueOrDefault(doubt, otherwise);

    /// <summary>What to ask of a list. <paramref name="metricColumn"/> says that most of its sizes are mm².</summary>
    internal IReadOnlyList<ImportQuestion> Questions(bool metricColumn)
    {
        var questions = new List<ImportQuestion>();
        Ask(
            Systems,
            "Some sizes are bare numbers that are a gauge and a metric size too, such as 4, 6, 10 or 16. What are they?",
            metricColumn ? "mm2" : "awg",
            ("awg", "AWG"),
            ("mm2", "mm²")
        );
        Ask(
            Builds,
            "Some wires don’t say solid, stranded or fine. What are they?",
            "usual",
            ("usual", "AWG stranded, mm² fine-stranded"),
            ("solid", "all solid"),
            ("stranded", "all stranded"),
            ("fine", "all fine-stranded")
        );
        Ask(
            Lengths,
            "Some lengths have no unit. What are they?",
            "m",
            ("m", "metres"),
            ("ft", "feet"),
            ("mm", "millimetres")
        );
        Ask(
            Several,
            "Some sizes count conductors, such as 2x0.75. What is such a row?",
            "one",
            ("one", "one conductor of that cable"),
            ("each", "as many wires as it says, side by side")
        );
        return questions;

        void Ask(string id, string says, string otherwise, params (string Value, string Says)[] options)
        {
            if (_rows.TryGetValue(id, out var rows))
            {
                questions.Add(
                    new(
                        id,
                        says,
                        [.. options.Select(o => new ImportOption(o.Value, o.Says))],
                        Answer(id, otherwise),
                        rows
                    )
                );
            }
        }
    }
}
