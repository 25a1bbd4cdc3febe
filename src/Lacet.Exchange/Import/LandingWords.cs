using System.Collections.Concurrent;
using System.Text.RegularExpressions;
using Lacet.Core.Jobs;
using Lacet.Core.Splices;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Import;

/// <summary>Reads what people write of a landing: "receptacle 20 A, brass screw", "push-in", a code of the Shelf.</summary>
public static partial class LandingWords
{
    private static readonly (string Words, Func<LandingDocument> Make)[] Kinds =
    [
        ("screw clamp|screw block|terminal block|screw terminal|clamp block", () => new ScrewClampBlockDocument()),
        ("spring cage|cage clamp|spring clamp|spring block", () => new SpringCageBlockDocument()),
        ("deep push|deep throat", () => new DeepPushInDocument()),
        ("push ?in|pushin", () => new PushInBlockDocument()),
        ("back ?stab|stab|quick ?wire", () => new BackStabDocument()),
        ("back ?wire|clamp plate", () => new BackWireClampDocument()),
        ("lever", () => new LeverDocument()),
        ("displacement|idc", () => new InsulationDisplacementDocument()),
        ("stud|barrier", () => new StudDocument()),
        ("crimped lug|compression lug", () => new CrimpedLugDocument()),
        ("lug|set ?screw", () => new SetScrewLugDocument()),
        ("plug", () => new PlugScrewDocument()),
        ("solder", () => new SolderLugDocument()),
        ("binding|side screw|screw", () => new BindingScrewDocument()),
    ];

    private static readonly (string Words, DeviceType Type)[] Types =
    [
        ("gfci|gfi|rcd|ground.fault", DeviceType.GroundFaultReceptacle),
        ("receptacle|outlet|socket|duplex", DeviceType.Receptacle),
        ("breaker|mcb|fuse", DeviceType.Breaker),
        ("switch", DeviceType.Switch),
        ("earth bar|ground bar|pe bar", DeviceType.EarthBar),
        ("neutral bar", DeviceType.NeutralBar),
        ("plug|connector", DeviceType.Plug),
        ("motor|heater|lamp|luminaire|load(?! side)|fan|supply", DeviceType.Load),
    ];

    /// <summary>
    /// What a landing is, read from words beside it; null where the words say nothing that is known.
    /// <paramref name="onShelf"/> finds one on the Shelf by its code.
    /// </summary>
    public static ListedEnd? Describe(ListedEnd end, string words, Func<string, LandingDocument?> onShelf)
    {
        var text = words.Trim();
        if (text.Length == 0)
        {
            return end;
        }

        // Only a device with ground-fault protection has sides that a bare "line" or "load" can mean.
        var sided = Has(text, Types[0].Words);
        var read = end with
        {
            Identity =
                Has(text, "brass|hot side") ? TerminalIdentity.Brass
                : Has(text, "silver") ? TerminalIdentity.Silver
                : Has(text, @"green") ? TerminalIdentity.Green
                : end.Identity,
            Side =
                Has(text, sided ? "line" : "line side") ? DeviceSide.Line
                : Has(text, sided ? "load" : "load side|on load") ? DeviceSide.Load
                : end.Side,
            Half =
                Has(text, "upper|top") ? DeviceHalf.Upper
                : Has(text, "lower|bottom") ? DeviceHalf.Lower
                : end.Half,
            Type = Types.Where(t => Has(text, t.Words)).Select(t => (DeviceType?)t.Type).FirstOrDefault() ?? end.Type,
            RatingAmps = Rating().Match(text) is { Success: true } rating
                ? WireWords.Number(rating.Groups["amps"].Value)
                : end.RatingAmps,
            Outlets =
                Has(text, "single") ? 1
                : Has(text, "duplex") ? 2
                : end.Outlets,
        };
        var coded = text.Split([' ', ',', ';'], StringSplitOptions.RemoveEmptyEntries)
            .Select(onShelf)
            .FirstOrDefault(l => l is not null)
            ?? onShelf(text);
        if (coded is null && Has(text, "twist.?on|splice|joint|connector for"))
        {
            // What a connector takes is on its sheet; these bounds refuse nothing that some connector takes.
            return read with { Splice = new SpliceConnector("splice", 2, 6, 0.25, 10) };
        }

        var kind = coded
            ?? Kinds
                .Where(k => Has(text, k.Words))
                .Select(k => k.Make() with { Trust = DataTrust.Generic })
                .FirstOrDefault();
        read = read with
        {
            Landing =
                kind is null ? end.Landing
                : Has(text, "two conductors|takes two|for two") ? kind with { TakesTwo = true }
                : kind,
        };
        return read == end ? null : read;
    }

    /// <summary>Whether words say what a landing is.</summary>
    internal static bool SaysKind(string words) =>
        Kinds.Any(k => Has(words, k.Words)) || Types.Any(t => Has(words, t.Words));

    // A list asks for the same few words in every row.
    private static readonly ConcurrentDictionary<string, Regex> Patterns = new(StringComparer.Ordinal);

    private static bool Has(string text, string words) =>
        Patterns
            .GetOrAdd(words, static w => new Regex(
                $@"\b(?:{w})s?\b",
                RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
                TimeSpan.FromSeconds(1)
            ))
            .IsMatch(text.Replace('-', ' '));

    [GeneratedRegex(
        @"\b(?<amps>[0-9]{1,3}(?:[.,][0-9])?)\s*A\b",
        RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Rating();
}
