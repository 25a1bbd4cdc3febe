using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;

namespace Lacet.Core.Recipes;

/// <content>The steps of joining.</content>
internal static partial class SplicePage
{
    private static bool Twists(ConnectorKind kind, HouseRules rules) =>
        kind switch
        {
            ConnectorKind.Lever or ConnectorKind.PushIn => false,
            ConnectorKind.TwistOn or ConnectorKind.SealedTwistOn => rules.TwistBeforeConnector
                == TwistBeforeConnector.Yes,
            _ => true,
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
        return
        [
            .. Bare(join, strip, tube),
            .. Gathered(join, twists, tube),
            .. trim is not null && join.Connector.Kind != ConnectorKind.CrimpSleeveTube
                ? [new Step("trim", Operation.Prepare, $"Trim to {trim}, square. Eye protection on.", null)]
                : (IEnumerable<Step>)[],
            .. Joining(join.Connector.Kind, tube),
            Tugged(tug),
            Stowed(join.Place),
        ];
    }

    private static IEnumerable<Step> Bare(SpliceJoin join, Window<Length> strip, TubeChoice? tube)
    {
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
    }

    private static IEnumerable<Step> Gathered(SpliceJoin join, bool twists, TubeChoice? tube)
    {
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
                join.Connector.Kind == ConnectorKind.CrimpSleeveTube
                    ? (FormattableString)$"Twist all of them together, clockwise, so that the sleeve slides over."
                    : $"Grip all tips with the pliers and twist clockwise until the turns reach the insulation.",
                $"All go round each other: none stands straight in the middle."
            );
        }
    }

    private static Step Tugged(Force? tug) =>
        tug is { } force
            ? new(
                "tug",
                Operation.Check,
                $"Tug each conductor by itself, straight back, no more than {force}.",
                $"None moves, and no metal shows outside."
            )
            : new("tug", Operation.Check, $"Tug each conductor by itself.", $"None moves, and no metal shows outside.");

    private static Step Stowed(SplicePlace place) =>
        place == SplicePlace.Buried
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
                foreach (var step in InTube(tube!))
                {
                    yield return step;
                }

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

    private static IEnumerable<Step> InTube(TubeChoice tube)
    {
        yield return new(
            "crimp",
            Operation.Crimp,
            $"Slide the sleeve over all of them, and crimp it in the tool’s nest for {(tube.IsLarge ? "the larger" : "the small")} sleeve: the same tool does both.",
            $"The tool released by itself."
        );
        yield return new("trim", Operation.Prepare, $"Trim what stands over the sleeve. Eye protection on.", null);
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
}
