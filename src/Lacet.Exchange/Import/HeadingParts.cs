namespace Lacet.Exchange.Import;

/// <summary>Headings that are made of parts: a side, and what of it: "From device", "Ziel Klemme", "Borne 2".</summary>
internal static class HeadingParts
{
    private const int MostWords = 6;

    private static readonly ILookup<string, (string Part, string Language)> Words = Headings
        .Rows<Row>("heading-parts.csv")
        .ToLookup(r => r.word, r => (r.part, r.language), StringComparer.Ordinal);

    /// <summary>What a heading, in small letters, speaks for by its parts.</summary>
    internal static IEnumerable<HeadingGuess> Guess(string heading)
    {
        var words = heading.Split(' ');
        if (words.Length > MostWords)
        {
            return [];
        }

        var guesses = new List<HeadingGuess>();
        Walk(words, 0, new(null, null, null, 0), guesses);
        return guesses;
    }

    /// <summary>Takes one word after the other, or two that belong together, in every way that they can be meant.</summary>
    private static void Walk(string[] words, int at, Made made, List<HeadingGuess> guesses)
    {
        if (at == words.Length)
        {
            guesses.AddRange(made.Guesses());
            return;
        }

        for (var count = Math.Min(3, words.Length - at); count > 0; count--)
        {
            foreach (var (part, language) in Words[string.Join(' ', words.Skip(at).Take(count))])
            {
                if (made.With(part, language, count, words[at]) is { } next)
                {
                    Walk(words, at + count, next, guesses);
                }
            }
        }
    }

    /// <summary>What is understood of a heading so far.</summary>
    /// <param name="Side">"side-a", "side-b"; null where none is said.</param>
    /// <param name="Part">Device, terminal, place, enclosure or landing; null where none is said.</param>
    /// <param name="Language">The language of its last word.</param>
    /// <param name="Spoken">How many words say something.</param>
    private sealed record Made(string? Side, string? Part, string? Language, int Spoken)
    {
        internal Made? With(string part, string language, int count, string word) =>
            part switch
            {
                "filler" => this with { Spoken = Spoken },
                // A letter or digit is a side only beside something that has sides.
                "side-a" or "side-b" => Side is null
                    ? this with
                    {
                        Side = part,
                        Language = language,
                        Spoken = Spoken + (word.Length > 1 ? count : 0),
                    }
                    : null,
                _ => Part is null ? this with { Part = part, Language = language, Spoken = Spoken + count }
                : (Part, part) is ("device", "terminal") or ("terminal", "device")
                    ? this with
                    {
                        Part = "place",
                        Spoken = Spoken + count,
                    }
                : null,
            };

        internal IEnumerable<HeadingGuess> Guesses()
        {
            if (Spoken == 0)
            {
                yield break;
            }

            foreach (
                var (side, sided) in Side is null ? new[] { ("side-a", false), ("side-b", false) } : [(Side, true)]
            )
            {
                var columns = string.Equals(side, "side-a", StringComparison.Ordinal) ? EndColumns.From : EndColumns.To;
                foreach (var (meaning, score) in Of(columns))
                {
                    yield return new(meaning, sided ? score : score - 2, Language);
                }
            }
        }

        private (ColumnMeaning, double)[] Of(EndColumns columns) =>
            Part switch
            {
                null => [(columns.Place, 5.5), (columns.Device, 4.5)],
                "device" => [(columns.Device, 6), (columns.Place, 4.5)],
                "terminal" => [(columns.Terminal, 6), (columns.Place, 5)],
                "place" => [(columns.Place, 6), (columns.Terminal, 4)],
                "enclosure" => [(columns.Enclosure, 6), (columns.Place, 2.5), (columns.Device, 2.5)],
                _ => [(columns.Landing, 5.5)],
            };
    }

    // Named as the columns of the table are.
    private sealed record Row(string language, string part, string word);
}
