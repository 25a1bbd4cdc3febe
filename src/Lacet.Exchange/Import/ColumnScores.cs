namespace Lacet.Exchange.Import;

/// <summary>
/// What speaks for a column's holding something: its heading, and how many of its cells look like it. The weights are
/// the project's own, set so that every list of the corpus is read as a person reads it.
/// </summary>
internal static class ColumnScores
{
    /// <summary>Candidates beyond so many never win.</summary>
    private const int Most = 9;

    /// <summary>So many cells say half of what very many would.</summary>
    private const double FewCells = 3;

    /// <summary>What a number of cells that all look so counts for, and what one that never does counts against.</summary>
    private readonly record struct Weight(double Fit, double For, double Against, string What, bool Alone = false);

    /// <summary>What a column could hold, the likeliest first.</summary>
    internal static IReadOnlyList<ColumnCandidate> Of(string heading, ColumnLook look)
    {
        var guesses = Headings.Guess(heading);
        var candidates = new List<ColumnCandidate>();
        foreach (var meaning in Enum.GetValues<ColumnMeaning>())
        {
            if (meaning == ColumnMeaning.Note)
            {
                continue;
            }

            var guess = guesses.FirstOrDefault(g => g.Meaning == meaning);
            var weight = WeightOf(meaning, look);
            if (guess.Score <= 0 && !weight.Alone)
            {
                continue;
            }

            var cells = Few(look) * ((weight.For * weight.Fit) - (weight.Against * (1 - weight.Fit)));
            if (guess.Score + cells is > 0 and var score)
            {
                candidates.Add(new(meaning, Math.Round(score, 2), Why(heading, guess, look, weight)));
            }
        }

        return [.. candidates.OrderByDescending(c => c.Score).Take(Most)];
    }

    /// <summary>Whether the cells alone say that a column holds something.</summary>
    internal static bool CellsSay(ColumnMeaning meaning, ColumnLook look) =>
        look.Filled >= FewCells && WeightOf(meaning, look) is { Fit: >= 0.95 };

    /// <summary>A few cells say little, for or against.</summary>
    private static double Few(ColumnLook look) => look.Filled / (look.Filled + FewCells);

    private static string Why(string heading, HeadingGuess guess, ColumnLook look, Weight weight)
    {
        var parts = new List<string>();
        if (guess.Score > 0)
        {
            parts.Add(
                guess.Language is { } language
                    ? $"“{WireWords.Shown(heading)}” says so{(string.Equals(language, "English", StringComparison.Ordinal) ? "" : $" in {language}")}"
                    : $"“{WireWords.Shown(heading)}” looks like it"
            );
        }

        if (look.Filled > 0 && weight.Fit > 0)
        {
            parts.Add(
                FormattableString.Invariant(
                    $"{Math.Round(weight.Fit * look.Filled)} of {look.Filled} cells {weight.What}"
                )
            );
        }

        return string.Join("; ", parts);
    }

    private static Weight WeightOf(ColumnMeaning meaning, ColumnLook look) =>
        meaning switch
        {
            ColumnMeaning.Remark => new(look.Part(CellLook.Sentence), 1.5, 0, "are sentences", Alone: true),
            ColumnMeaning.Wire => Wire(look),
            ColumnMeaning.From or ColumnMeaning.To => Place(look),
            ColumnMeaning.FromDevice or ColumnMeaning.ToDevice => Device(look),
            ColumnMeaning.FromTerminal or ColumnMeaning.ToTerminal => Terminal(look),
            ColumnMeaning.FromEnclosure or ColumnMeaning.ToEnclosure => new(
                look.Part(CellLook.Name),
                look.DistinctCount <= 20 ? 1.5 : 0,
                2,
                "are names"
            ),
            ColumnMeaning.FromLanding or ColumnMeaning.ToLanding => new(
                look.Part(CellLook.Landing),
                4,
                3,
                "are kinds of landing",
                Alone: true
            ),
            ColumnMeaning.Function => new(
                look.Part(CellLook.Function, CellLook.Whole),
                look.Part(CellLook.Terminal) > 0.9 ? 1 : 3,
                0.8,
                "are functions",
                Alone: true
            ),
            ColumnMeaning.Circuit => new(look.Part(CellLook.Name), 0.5, 2, "are names"),
            ColumnMeaning.Run or ColumnMeaning.Cable => new(look.Part(CellLook.Name), 0.5, 1, "are names"),
            ColumnMeaning.Breaker or ColumnMeaning.Load or ColumnMeaning.Volts => OfCircuit(meaning, look),
            ColumnMeaning.Ferrule => new(
                look.Part(CellLook.Ferrule | CellLook.MetricSize | CellLook.BareSize),
                1.5,
                3,
                "are ferrules"
            ),
            _ => OfConductor(meaning, look),
        };

    private static Weight OfConductor(ColumnMeaning meaning, ColumnLook look) =>
        meaning switch
        {
            ColumnMeaning.Size => new(
                look.Part(CellLook.Size | CellLook.MetricSize | CellLook.BareSize | CellLook.Conductor),
                    // Sizes repeat themselves: what only counts up is none.
                    look.IsCounting
                    && look.Filled > 2
                        ? 0.2
                    : look.Part(CellLook.Size) > 0.5 ? 4.5
                    : look.Part(CellLook.MetricSize) > 0.2 || look.Part(CellLook.Conductor) > 0.5 ? 3
                    : 1.5,
                6,
                "are sizes",
                Alone: true
            ),
            ColumnMeaning.Conductor => new(
                look.Part(CellLook.Conductor)
                    + (0.6 * look.Part(CellLook.Size | CellLook.BareSize, CellLook.Conductor)),
                5,
                5,
                "are a size with more",
                Alone: true
            ),
            ColumnMeaning.Awg => new(
                look.Part(CellLook.BareSize | CellLook.Size | CellLook.Conductor),
                1.5,
                5,
                "are sizes"
            ),
            ColumnMeaning.Mm2 => new(
                look.Part(CellLook.BareSize | CellLook.MetricSize | CellLook.Size | CellLook.Conductor),
                look.Part(CellLook.MetricSize) > 0.1 ? 2.5 : 1.5,
                5,
                "are sizes"
            ),
            ColumnMeaning.Build => new(look.Part(CellLook.Make), 4.5, 1, "say how it is made", Alone: true),
            ColumnMeaning.Colour => new(look.Part(CellLook.Colour), 5, 6, "are colours", Alone: true),
            ColumnMeaning.Length => new(
                look.Part(CellLook.Length | CellLook.Number),
                look.Part(CellLook.Length) > 0.5 ? 4 : 1.2,
                5,
                "are lengths",
                Alone: look.Part(CellLook.Length) > 0.5
            ),
            // What is left are lengths in a unit.
            _ => new(look.Part(CellLook.Length | CellLook.Number), 1.5, 5, "are lengths"),
        };

    private static Weight OfCircuit(ColumnMeaning meaning, ColumnLook look)
    {
        var (unit, what) =
            meaning == ColumnMeaning.Volts ? (CellLook.Volts, "are volts") : (CellLook.Amps, "are amperes");
        return new(
            look.Part(unit | CellLook.Number),
            look.Part(unit) > 0.5 && meaning != ColumnMeaning.Load ? 3 : 0.8,
            4,
            what,
            Alone: look.Part(unit) > 0.8 && meaning != ColumnMeaning.Load
        );
    }

    private static Weight Terminal(ColumnLook look) =>
        new(
            look.Part(CellLook.Terminal | CellLook.Nowhere),
            look.Part(CellLook.Colour, CellLook.Function) > 0.8 ? 0.5 : 2,
            4,
            "are marks of terminals",
            Alone: true
        );

    /// <summary>Names that are all different are numbers of wires; what is plainly something else is none.</summary>
    private static Weight Wire(ColumnLook look)
    {
        var other = look.Part(
            CellLook.Place
                | CellLook.Size
                | CellLook.Conductor
                | CellLook.Colour
                | CellLook.Length
                | CellLook.MetricSize,
            CellLook.Whole
        );
        return new(
            look.Part(CellLook.Name) * (1 - (0.8 * other)),
            1
                + (
                    look.Distinct > 0.95 ? 2
                    : look.Distinct > 0.6 ? 1
                    : look.Distinct > 0.3 ? 0.4
                    : -0.5
                )
                + (look.IsCounting ? 1 : 0),
            4,
            "are names",
            Alone: look.Distinct > 0.5
        );
    }

    private static Weight Place(ColumnLook look) =>
        new(
            look.Part(CellLook.Place | CellLook.Nowhere)
                + (0.6 * look.Part(CellLook.Device, CellLook.Place | CellLook.Nowhere))
                + (0.3 * look.Part(CellLook.Name, CellLook.Device | CellLook.Place | CellLook.Nowhere)),
            4,
            4,
            "are a device and a terminal",
            Alone: true
        );

    /// <summary>A device has several terminals, so it stands in several rows; it is no bare number.</summary>
    private static Weight Device(ColumnLook look) =>
        new(
            look.Part(CellLook.Device, CellLook.Place)
                + (0.9 * look.Part(CellLook.Nowhere, CellLook.Device))
                + (
                    0.7
                    * look.Part(CellLook.Name, CellLook.Device | CellLook.Place | CellLook.Number | CellLook.Nowhere)
                ),
            (look.Distinct < 0.7 ? 2.8 : 2)
                - (look.Part(CellLook.Colour | CellLook.Make | CellLook.Size) > 0.5 ? 3 : 0),
            4,
            "are devices",
            Alone: true
        );
}
