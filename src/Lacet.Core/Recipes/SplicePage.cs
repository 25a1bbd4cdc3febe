using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Pull;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Recipes;

/// <summary>Puts a splice’s recipe together.</summary>
internal static class SplicePage
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
        var findings = fit.Findings.ToList();
        if (
            join.Connector.Kind == ConnectorKind.SealedTwistOn
            && join.Place is SplicePlace.Wet or SplicePlace.Buried
            && rules.WetSplice == WetSplice.CrimpSleeveInSealedTube
        )
        {
            findings.Add(
                new(
                    "wet-splice-by-house-rule",
                    Severity.Note,
                    $"House rule: in wet places a crimp sleeve in a sealed tube. A spade pulls a twist-on out.",
                    $"Take the sleeve and tube, or change the rule.",
                    Practice,
                    ["landing.splice", "enclosure.place", "houseRules.wetSplice"]
                )
                {
                    Trust = Trust.CommonPractice,
                }
            );
        }

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

    private static bool Twists(ConnectorKind kind, HouseRules rules) =>
        kind switch
        {
            ConnectorKind.Lever or ConnectorKind.PushIn => false,
            ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn => rules.TwistBeforeConnector
                == TwistBeforeConnector.Yes,
            _ => true,
        };

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

    private static IEnumerable<FormattableString> Apart(ConnectorKind kind)
    {
        yield return kind switch
        {
            ConnectorKind.Lever => $"A lever that is not quite down: push each until it clicks.",
            ConnectorKind.TwistOn =>
                $"One conductor that stands short of the others slips out of the coil; turning it back, or vibration, loosens all.",
            ConnectorKind.PushIn =>
                $"Turning and pulling at once works a conductor out; a second use of the same hole holds worse.",
            ConnectorKind.CrimpSleeveTube =>
                $"The wrong nest: a crimp too loose slips, one too tight cuts. It is the strongest of all.",
            ConnectorKind.SealedTwistOn => $"A spade or a pull along the wires: a twist-on has little to hold by.",
            ConnectorKind.Solder =>
                $"Heat: solder goes soft when the joint is overloaded, so it is made firm before it is soldered.",
            _ => (FormattableString)$"Everything: heat loosens a bare twist, and it goes on loosening.",
        };
        yield return $"A wire that is too short pulls at it each time the cover goes on.";
    }

    private static IEnumerable<Step> Steps(
        SpliceJoin join,
        Window<Length> strip,
        bool twists,
        Length? trim,
        TubeChoice? tube,
        Force? tug
    )
    {
        var kind = join.Connector.Kind;
        yield return new(
            "prove-dead",
            Operation.Check,
            $"Make it dead: switch off every source, lock and tag. Prove it with a contact tester.",
            $"Every conductor dead to each other and to earth; tester proved before and after."
        );
        if (tube is not null)
        {
            yield return CommonLines.SlideOnFirst($"Slide on first what cannot go on later: marker, heat-shrink.");
        }

        yield return new(
            "strip",
            Operation.Strip,
            $"Strip each end {strip:target}.",
            $"{strip:range} is bare, nothing nicked, all level at the insulation."
        );
        if (join.Conductors.Any(c => c.Material == Material.Aluminium))
        {
            yield return new(
                "brush-aluminium",
                Operation.Prepare,
                $"Brush the bare aluminium bright, and coat it with a compound that is listed for it.",
                $"Bright all round, and coated at once: its oxide comes back in seconds."
            );
        }

        if (join.Sides.Any(s => s != CableSide.None))
        {
            yield return new(
                "sides",
                Operation.Check,
                $"Feel each conductor of the twin cable: ribbed to ribbed, smooth to smooth. The ribbed one is the neutral.",
                $"All in this joint feel alike."
            );
        }

        if (tube is not null)
        {
            yield return new(
                "feed",
                Operation.Prepare,
                $"Take {tube.Says}; have the cap on the tube’s strap, and feed nothing through it yet.",
                null
            );
        }

        if (twists && join.Conductors.Select(c => c.Build == Build.Solid).Distinct().Count() > 1)
        {
            yield return new(
                "lead",
                Operation.Prepare,
                $"Let the stranded ends lead: {Length.FromInches(0.125):mm} (1/8 in) longer than the solid ones.",
                $"Stranded tips stand in front of the solid ones."
            );
        }

        if (twists)
        {
            yield return new(
                "twist",
                Operation.Prepare,
                kind == ConnectorKind.CrimpSleeveTube
                    ? (FormattableString)$"Twist all of them together, clockwise, so that the sleeve slides over."
                    : $"Grip all tips with the pliers and twist clockwise until the turns reach the insulation.",
                $"All go round each other: none stands straight in the middle."
            );
        }

        if (trim is not null && kind != ConnectorKind.CrimpSleeveTube)
        {
            yield return new("trim", Operation.Prepare, $"Trim to {trim}, square. Eye protection on.", null);
        }

        foreach (var step in Joining(kind, tube))
        {
            yield return step;
        }

        yield return tug is { } force
            ? new(
                "tug",
                Operation.Check,
                $"Tug each conductor by itself, straight back, no more than {force}.",
                $"None moves, and no metal shows outside."
            )
            : new("tug", Operation.Check, $"Tug each conductor by itself.", $"None moves, and no metal shows outside.");
        yield return join.Place == SplicePlace.Buried
            ? new(
                "stow",
                Operation.Check,
                $"Lay it with slack on both sides, deeper than a spade goes, and sketch where it lies.",
                $"Nothing pulls on it; the sketch has two measures to fixed points."
            )
            : new(
                "stow",
                Operation.Check,
                $"Fold it into the box with its opening down, where it can be reached.",
                $"The cover goes on without pressing on it."
            );
    }

    private static IEnumerable<Step> Joining(ConnectorKind kind, TubeChoice? tube)
    {
        switch (kind)
        {
            case ConnectorKind.Lever:
                yield return new(
                    "join",
                    Operation.Land,
                    $"Lever up, conductor in to the stop, lever down until it clicks.",
                    $"Its tip shows in the window; insulation reaches the opening."
                );
                break;
            case ConnectorKind.PushIn:
                yield return new(
                    "join",
                    Operation.Land,
                    $"Push each in to the stop.",
                    $"Its tip shows in the window; insulation reaches the opening."
                );
                break;
            case ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn:
                yield return new(
                    "join",
                    Operation.Land,
                    $"Turn the connector on clockwise until it is tight and its skirt covers all bare metal.",
                    $"The wires outside it begin to twist: it grips."
                );
                break;
            case ConnectorKind.CrimpSleeveTube:
                yield return new(
                    "crimp",
                    Operation.Crimp,
                    $"Slide the sleeve over all of them, and crimp it in the tool’s nest for {(tube!.IsLarge ? "the larger" : "the small")} sleeve: the same tool does both.",
                    $"The tool released by itself."
                );
                yield return new(
                    "trim",
                    Operation.Prepare,
                    $"Trim what stands over the sleeve. Eye protection on.",
                    null
                );
                yield return new(
                    "seal",
                    Operation.Land,
                    $"Push it to the bottom of the tube. The grease stays {TubeChoice.GreaseFree} under the top: take out what is more.",
                    null
                );
                yield return new(
                    "cap",
                    Operation.Land,
                    $"Lay the conductors to the tube’s sides, in the notches, and snap the cap shut.",
                    $"The cap is shut all round, and pinches no insulation."
                );
                break;
            case ConnectorKind.Solder:
                yield return new(
                    "solder",
                    Operation.Land,
                    $"Heat the joint, not the solder, until it draws in by itself. Let it cool unmoved.",
                    $"Bright and smooth, every turn filled."
                );
                yield return new(
                    "tape",
                    Operation.Land,
                    $"Self-fusing rubber, half-lapped, to the thickness of the insulation; two half-lapped layers of vinyl over it.",
                    null
                );
                break;
        }
    }

    private static IEnumerable<FormattableString> Cautions(SpliceJoin join)
    {
        yield return CommonLines.CutAway;
        if (join.Connector.Kind == ConnectorKind.Solder)
        {
            yield return $"Hot iron; flux fumes and lead: air the room, wash your hands.";
        }

        if (join.Conductors.Any(c => c.Material == Material.Aluminium))
        {
            yield return $"Aluminium goes only into a connector that is listed for it, and is never twisted under an ordinary cap.";
        }
    }

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
