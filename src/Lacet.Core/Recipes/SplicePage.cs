using Lacet.Core.Landings;
using Lacet.Core.Pull;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Recipes;

/// <summary>Puts a splice’s recipe together.</summary>
internal static partial class SplicePage
{
    private const string Practice = "common practice (from memory)";

    internal static SpliceRecipe Of(SpliceJoin join, HouseRules rules)
    {
        if (join.Conductors.Count is < 1 or > 40)
        {
            throw new ImpossibleInputException("conductors", "Say which ends are joined: from 1 to 40.");
        }

        join.Connector.Checked();
        var fit = SpliceFit.Of(join);
        var kind = join.Connector.Kind;
        var strip = StripOf(join, rules);
        var twists = Twists(kind, rules);
        List<Finding> findings = [.. fit.Findings, .. AgainstHouseRule(join, rules)];
        var stops = !fit.Fits;
        var readOff =
            !stops && strip.Reason.Trust >= Trust.Generic
                ? new ReadOff(ReadingName.Strip, "the strip length", "on the connector or its sheet")
                : null;
        var trim = TrimFor(join, rules);
        var tube = kind == ConnectorKind.CrimpSleeveTube ? TubeChoice.For(join.Conductors.Count) : null;
        var thinnest = join.Conductors.MinBy(c => c.Size.Area.SquareMillimetres)!.Size;
        return new(
            stops ? Verdict.Stop
                : findings.Exists(f => f.Severity == Severity.Fix) ? Verdict.Caution
                : readOff is not null ? Verdict.Read
                : Verdict.Go,
            stops ? null : strip.Window,
            PrepareOf(kind, twists, trim),
            stops ? null : trim,
            SealOf(join),
            tube,
            PullTest.OfLanded(thinnest),
            PullTest.Tug(thinnest),
            [.. Apart(kind)],
            stops ? [] : [.. Steps(join, strip.Window, twists, trim, tube, PullTest.Tug(thinnest))],
            [.. Cautions(join)],
            findings,
            [
                .. fit.Reasons,
                strip.Reason,
                TwistReason(kind, rules),
                .. tube is null ? [] : new[] { TubeReason(tube, join.Conductors.Count) },
            ]
        )
        {
            ReadOff = readOff is null ? [] : [readOff],
        };
    }

    private static IEnumerable<Finding> AgainstHouseRule(SpliceJoin join, HouseRules rules)
    {
        if (
            join.Connector.Kind == ConnectorKind.SealedTwistOn
            && join.Place is SplicePlace.Wet or SplicePlace.Buried
            && rules.WetSplice == WetSplice.CrimpSleeveInSealedTube
        )
        {
            yield return new(
                "wet-splice-by-house-rule",
                Severity.Note,
                $"House rule: in wet places a crimp sleeve in a sealed tube. A spade pulls a twist-on out.",
                $"Take the sleeve and tube, or change the rule.",
                Practice,
                ["landing.splice", "enclosure.place", "houseRules.wetSplice"]
            )
            {
                Trust = Trust.CommonPractice,
            };
        }
    }

    /// <summary>What each end of a joint strips, whether or not it is to be made.</summary>
    internal static Window<Length> StripFor(SpliceJoin join, HouseRules rules) => StripOf(join, rules).Window;

    /// <summary>
    /// What is left bare after trimming; null where nothing is trimmed. What is twisted first is stripped long and
    /// trimmed to the sheet’s value.
    /// </summary>
    internal static Length? TrimFor(SpliceJoin join, HouseRules rules)
    {
        var connector = join.Connector;
        return connector is { Kind: ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn, Strip: { } sheet }
            ? Twists(connector.Kind, rules)
                ? sheet
                : null
            : ConnectorRow.All[connector.Kind].Trim is > 0 and var mm
                ? new Length(mm)
                : null;
    }

    private static (Window<Length> Window, Reason Reason) StripOf(SpliceJoin join, HouseRules rules)
    {
        if (
            join.Connector.Strip is { } marked
            && !(
                join.Connector.Kind is ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn
                && Twists(join.Connector.Kind, rules)
            )
        )
        {
            return (
                new(marked, new(Math.Max(1, marked.Millimetres - 1)), marked + new Length(1)),
                new(
                    "splice-strip",
                    ReadingName.Strip,
                    Trust.Maker,
                    "the connector’s sheet",
                    $"Its sheet says {marked:mm}; 1 mm more or less passes."
                )
            );
        }

        if (ConnectorRow.All[join.Connector.Kind].Window is { } usual)
        {
            return (
                usual,
                new(
                    "splice-strip",
                    ReadingName.Strip,
                    Trust.Generic,
                    Practice,
                    $"{usual:target} is what such connectors usually ask for."
                )
            );
        }

        var twisted = TwistStrip.Of(rules.PigtailStrip);
        return (
            twisted,
            new(
                "splice-strip",
                ReadingName.Strip,
                Trust.CommonPractice,
                Practice,
                rules.PigtailStrip == PigtailStrip.ThreeInchesForLearners
                    ? (FormattableString)
                        $"House rule: learners strip {twisted:target}, which twists more easily, and trim. The other school strips 1 1/2 in."
                    : $"House rule: {twisted:target} is twisted and trimmed. Learners strip 3 in."
            )
        );
    }

    private static FormattableString PrepareOf(ConnectorKind kind, bool twists, Length? trim) =>
        kind switch
        {
            ConnectorKind.Lever or ConnectorKind.PushIn => $"Leave each straight",
            ConnectorKind.CrimpSleeveTube => $"Twist clockwise, crimp, trim flush",
            _ => (twists, trim) switch
            {
                (true, { } to) => $"Twist clockwise, trim to {to}",
                (true, null) => $"Twist clockwise",
                (false, { } to) => (FormattableString)$"Hold them level, trim to {to}",
                _ => $"Hold them level",
            },
        };

    private static FormattableString? SealOf(SpliceJoin join) =>
        join.Place == SplicePlace.Dry
            ? null
            : join.Connector.Kind switch
            {
                ConnectorKind.CrimpSleeveTube =>
                    $"Grease in the tube, {TubeChoice.GreaseFree} left free under its top; the cap snaps over all.",
                ConnectorKind.SealedTwistOn =>
                    $"The sealant in the cap wells out round the insulation: leave it there.",
                _ => join.Connector.IsListedWet
                    ? $"Listed for wet places as it is: insulation reaches well into it."
                    : (FormattableString)$"Nothing keeps water out of it.",
            };

    private static Reason TwistReason(ConnectorKind kind, HouseRules rules) =>
        kind switch
        {
            ConnectorKind.Lever or ConnectorKind.PushIn => new(
                "splice-twist",
                ReadingName.Prepare,
                Trust.CommonPractice,
                Practice,
                $"Each has a port of its own, and a twisted end does not go in whole."
            ),
            ConnectorKind.TwistOn
            or ConnectorKind.SealedTwistOn when rules.TwistBeforeConnector == TwistBeforeConnector.Yes => new(
                "splice-twist",
                ReadingName.Prepare,
                Trust.CommonPractice,
                Practice,
                $"House rule: twisted first, the joint holds before the cap is on. The other school does as the connector’s sheet says."
            ),
            ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn => new(
                "splice-twist",
                ReadingName.Prepare,
                Trust.Maker,
                "the connector’s sheet",
                $"House rule: as the connector’s sheet says; many need no twist."
            ),
            _ => new(
                "splice-twist",
                ReadingName.Prepare,
                Trust.CommonPractice,
                Practice,
                $"Clockwise, all alike, so that no wire stands straight and slips out."
            ),
        };

    private static Reason TubeReason(TubeChoice tube, int conductors) =>
        new(
            "splice-tube",
            ReadingName.Prepare,
            Trust.CommonPractice,
            Practice,
            $"{conductors} {(conductors == 1 ? "conductor" : "conductors")}: up to {TubeChoice.MostInSmall} go into the small tube, more into the larger; here {tube.Says}."
        );
}
