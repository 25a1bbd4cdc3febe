using System.Text.RegularExpressions;

namespace Lacet.Core.Conductors;

/// <content>Words, and what is taken of a text.</content>
internal sealed partial class WireScan
{
    /// <summary>So many words at most mean one thing together: "white with blue tracer".</summary>
    private const int LongestPhrase = 5;

    /// <summary>Letters of a standard stand in so many words at most: "U-1000 R2V", "NM - B".</summary>
    private const int LongestLetters = 3;

    private bool TryWords()
    {
        Span<int> ends = stackalloc int[LongestPhrase];
        var words = 0;
        for (var at = _at; words < LongestPhrase && at < text.Length; words++)
        {
            var end = at + WordLength(at);
            ends[words] = end;
            at = end;
            while (at < text.Length && Gaps.Contains(text[at]))
            {
                at++;
            }
        }

        // What begins no phrase is not tried with the words behind it.
        var first = text.AsSpan(_at, ends[0] - _at);
        var begins = WireVocabulary.Begins(first);
        var isColour = _read.Colour is null && InsulationColour.Begins(first);
        for (var i = words - 1; i >= 0; i--)
        {
            var phrase = text.AsSpan(_at, ends[i] - _at);
            if (
                ((i == 0 || begins) && TryWord(phrase))
                || (i < LongestLetters && TryLetters(phrase))
                || (isColour && TryColour(phrase))
            )
            {
                return true;
            }
        }

        return false;
    }

    private bool TryWord(ReadOnlySpan<char> phrase) =>
        WireVocabulary.Find(phrase) is { } word && TakeWord(word, phrase.Length);

    private bool TryLetters(ReadOnlySpan<char> phrase) =>
        _read.Designation is null
        && Designation.TryFind(phrase, out var designation)
        && Take(phrase.Length, WirePartKind.Designation, _read with { Designation = designation }, designation.Line);

    private bool TryColour(ReadOnlySpan<char> phrase) =>
        InsulationColour.TryParse(phrase, out var colour)
        && Take(phrase.Length, WirePartKind.Colour, _read with { Colour = colour }, colour.ToString());

    private bool TakeWord(WireWord word, int length) =>
        word switch
        {
            { Build: { } build } => _read.Build is null
                && Take(length, WirePartKind.Build, _read with { Build = build }, Conductor.Say(build)),
            { Material: { } material } => _read.Material is null
                && Take(length, WirePartKind.Material, _read with { Material = material }, Conductor.Say(material)),
            { Earth: not EarthInCable.NotSaid } => Take(
                length,
                WirePartKind.Earth,
                _read with
                {
                    Earth = word.Earth,
                },
                word.Earth == EarthInCable.None ? "without earth" : "with earth"
            ),
            { Pair: true } => Take(
                length,
                WirePartKind.Shield,
                _read with
                {
                    Count = _read.Count ?? 2,
                    Shielded = _read.Shielded || word.Shielded,
                },
                word.Shielded ? "twisted and shielded" : "twisted"
            ),
            { Shielded: true } => Take(length, WirePartKind.Shield, _read with { Shielded = true }, "shielded"),
            _ => Take(length, WirePartKind.Filler, _read, ""),
        };

    private bool Take(Match match, WirePartKind kind, WireReading read, string says) =>
        Take(match.Length, kind, read, says);

    private bool Take(int length, WirePartKind kind, WireReading read, string says)
    {
        _parts.Add(new(kind, _at, length, says));
        _read = read;
        _at += length;
        return true;
    }

    private void NotUnderstood(int length, string? problem)
    {
        var said = text.AsSpan(_at, Math.Min(length, 40));
        Take(
            length,
            WirePartKind.NotUnderstood,
            _read,
            problem
                ?? $"“{said}{(length > 40 ? "…" : "")}” is not understood. Type a size and what it is, such as “14 sol cu” or “2.5 H07V-K”."
        );
    }
}
