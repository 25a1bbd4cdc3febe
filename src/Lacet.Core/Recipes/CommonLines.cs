using Lacet.Core.Checks.End;
using Lacet.Core.Circuits;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Pull;
using Lacet.Core.Quantities;
using Lacet.Core.Rework;
using Lacet.Core.Strip;

namespace Lacet.Core.Recipes;

/// <summary>Steps and lines that landings share.</summary>
internal static class CommonLines
{
    internal static readonly FormattableString CutAway = $"Cut away from the body.";
    internal static readonly FormattableString NeverTin =
        $"Never tin the strands: solder creeps under pressure, and the joint goes loose.";

    /// <summary>From so many strands on, nobody counts what was lost.</summary>
    private const int MostCounted = 60;

    /// <summary>Up to so much a screwdriver reaches, beyond it a wrench (common practice).</summary>
    private static readonly Torque MostByScrewdriver = new(6);

    /// <summary>
    /// Once an enclosure and session: how what is worked on is made dead. Nothing where nothing is connected.
    /// </summary>
    internal static IEnumerable<Step> ProveDead(EndPlan plan)
    {
        var isolation = plan.AtHand.Isolation
            ?? (
                plan.Landing switch
                {
                    PlugScrew or SolderLug => Isolation.Cord,
                    DeepPushIn => Isolation.Machine,
                    _ => Isolation.Building,
                }
            );
        if (isolation == Isolation.None)
        {
            yield break;
        }

        FormattableString text = isolation switch
        {
            Isolation.Cord => $"Unplug it, and keep the plug in your sight.",
            Isolation.Transformer => $"Switch the lighting’s transformer off, and unplug it.",
            Isolation.Machine =>
                $"Make it dead: switch off, lock and tag every source. Wait for stored energy, discharge it, and measure.",
            _ => $"Make it dead: switch off every source, lock and tag. Prove it with a contact tester.",
        };
        FormattableString hold = isolation switch
        {
            Isolation.Cord => $"The plug lies where you see it: nobody can put it in.",
            Isolation.Transformer => $"No lamp is lit, and the plug lies where you see it.",
            _ =>
                $"Tester proved on a known live source; every conductor dead to each other and to earth; tester proved again. After {plan.Rules.PauseMinutes} min away, prove again.",
        };
        yield return new Step("prove-dead", Operation.Check, text, hold);
    }

    /// <summary>What must be on the wire before its end is made: it cannot be slid on afterwards.</summary>
    internal static Step SlideOnFirst(FormattableString what) =>
        new("slide-on-first", Operation.Prepare, what, $"It is on the wire, the right way round.");

    internal static Step SlideOnFirst() =>
        SlideOnFirst($"Slide on first what cannot go on later: marker, heat-shrink, boot.");

    /// <summary>The strip, and for aluminium what has to follow it at once.</summary>
    internal static IEnumerable<Step> Strip(EndPlan plan, Window<Length> strip, bool twists = false)
    {
        var conductor = plan.Conductor;
        var kind = plan.AtHand.StrippingTool ?? StripTool.KindFor(conductor);
        yield return new Step(
            "strip",
            Operation.Strip,
            How(plan, kind, strip, twists),
            conductor.Build == Build.Solid
                ? (FormattableString)$"{strip:range} is bare. No nick, no ring: a solid wire breaks there."
                : $"{strip:range} is bare. {StrandsLost(plan)}"
        );
        if (plan.AtHand.Alike > 1)
        {
            yield return new Step(
                "alike",
                Operation.Strip,
                plan.Rules.WorkingOrder == WorkingOrder.ByOperation
                    ? (FormattableString)$"{plan.AtHand.Alike} alike: strip all, then prepare all, then land all."
                    : $"{plan.AtHand.Alike} alike: finish each end before the next.",
                null
            );
        }

        if (conductor.Material == Material.Aluminium)
        {
            yield return new Step(
                "brush-aluminium",
                Operation.Prepare,
                $"Brush the bare aluminium bright, and coat it with a compound that is listed for it.",
                $"Bright all round, and coated at once: its oxide comes back in seconds."
            );
        }
    }

    /// <summary>How many strands may be lost, by the house's class; a lug and a screw lose none at all.</summary>
    internal static FormattableString StrandsLost(EndPlan plan)
    {
        var (strands, rule) = (plan.Conductor.Strands, plan.Rules.StrandLoss);
        var most = plan.Landing is SetScrewLug or CrimpedLug or Stud or BindingScrew or PlugScrew
            ? 0
            : StrandLossLimit.For(plan.Conductor, rule);
        return most == 0 ? (FormattableString)$"No strand nicked or cut off."
            : strands > MostCounted
                ? (FormattableString)
                    $"A few strands nicked or cut off pass, under {StrandLossLimit.PercentFor(strands, rule)} %; more, cut back."
            : $"At most {most} of {strands} strands nicked or cut off; more, cut back.";
    }

    /// <summary>The hole is looked into before anything goes in.</summary>
    internal static Step LookIn(FormattableString open) =>
        new(
            "look-in",
            Operation.Check,
            $"Look into the hole, and {open}.",
            $"Clean and bright in there, no old strand left."
        );

    /// <summary>The tightening, and the mark that shows later whether it moved.</summary>
    internal static IEnumerable<Step> Tighten(EndPlan plan)
    {
        if (plan.Torque is not { Window: var window })
        {
            yield break;
        }

        yield return new Step(
            "tighten",
            Operation.Tighten,
            $"Tighten once, smoothly, to {window:target}.",
            plan.Rules.TorqueProof == TorqueProof.Measured
                ? (FormattableString)$"The reading lies in {window:range}, or the preset tool clicked."
                : $"By feel, by house rule: recorded as unmeasured and found wanting, since {window:range} is asked for."
        );
        yield return new Step(
            "witness-mark",
            Operation.Check,
            $"Draw a witness mark across the screw and what it sits in.",
            $"The line is unbroken: later it shows whether the screw moved."
        );
    }

    /// <summary>The last look, and who looks again.</summary>
    internal static IEnumerable<Step> Check(EndPlan plan, FormattableString look, FormattableString hold)
    {
        var byAnother = plan.AtHand.ByApprentice;
        yield return new Step(
            "check",
            Operation.Check,
            PullTest.Tug(plan.Conductor.Size) is { } most
                ? (FormattableString)$"Tug it straight back, no more than {most}. {look}"
                : $"Tug it straight back by hand. {look}",
            !byAnother ? hold
                : plan.Rules.ApprenticeWork == ApprenticeWork.CheckedByAnother
                    ? (FormattableString)$"{hold} Another person looks at it before it is signed for."
                : $"{hold} One in a few is looked at by another person."
        );
        yield return new Step(
            "dress",
            Operation.Prepare,
            Dress(plan),
            $"Nothing pulls on it, its label can be read, and the next landing can be reached."
        );
        if (plan.Rules.RecheckAfterDays > 0 && plan.Torque is not null)
        {
            yield return new Step(
                "re-check",
                Operation.Check,
                $"Look again after {plan.Rules.RecheckAfterDays} days, by house rule: dead, at the same torque, once.",
                $"It does not turn. Turning a settled screw past its value is no check."
            );
        }
    }

    internal static FormattableString TorqueTool(EndPlan plan, string bit)
    {
        var target = plan.Torque!.Window.Target;
        // Used between a fifth and the whole of its scale.
        var scale = new Window<Torque>(target, target, target * 5);
        var tool = target <= MostByScrewdriver ? "torque screwdriver" : "torque wrench";
        return $"{tool}, full scale {scale:range}, {bit}";
    }

    /// <summary>Cautions that the wire and its stripping bring along.</summary>
    internal static List<FormattableString> Cautions(EndPlan plan, params IEnumerable<FormattableString> own)
    {
        var cautions = own.ToList();
        if ((plan.AtHand.StrippingTool ?? StripTool.KindFor(plan.Conductor)) == StrippingTool.Knife)
        {
            cautions.Add(CutAway);
        }

        if (plan.Landing.IsVisible == false)
        {
            cautions.Add($"It cannot be seen where it seats: by feel, and the wire behind the tag, not under it.");
        }

        if (plan.Landing.IsAccessible == false)
        {
            cautions.Add($"It cannot be reached once the rest is in: land it first, and leave slack to lift it out.");
        }

        return cautions;
    }

    /// <summary>Which conductor goes where on a device, in the colours of the region, and in which order.</summary>
    internal static IEnumerable<FormattableString> OnDevices(EndPlan plan)
    {
        yield return plan.Rules.Region == Region.NorthAmerica
            ? (FormattableString)
                $"Hot (black, red, blue) to brass, neutral (white, grey) to silver, earth (green or bare) to green. Colour misleads: prove it with a meter."
            : $"Line (brown, black, grey) to L, neutral (blue) to N, earth (green-yellow) to its sign. Colour misleads: prove it with a meter.";
        yield return plan.Rules.LandingOrder == LandingOrder.EarthNeutralHot
            ? (FormattableString)$"Land earth first, then neutral, then hot; on disconnecting the reverse."
            : $"Land in the order of the drawing.";
    }

    /// <summary>
    /// What a screw of a receptacle, switch, control device or lampholder asks for besides; nothing where nobody said
    /// what it is on.
    /// </summary>
    internal static IEnumerable<FormattableString> On(EndPlan plan, ScrewOn? on)
    {
        var isAmerican = plan.Rules.Region == Region.NorthAmerica;
        if (on is ScrewOn.Receptacle)
        {
            yield return $"Ground-fault devices: the supply on LINE, what is protected downstream on LOAD; press Test and then Reset when it is live again.";
        }

        if (on is ScrewOn.Receptacle && isAmerican)
        {
            yield return $"Break-off tabs between the halves: hot and neutral are judged apart; leave both on unless the drawing splits them.";
            yield return $"No earth in the box: a ground-fault device marked “no equipment ground”, or two slots (NEC 406.4(D)). Never tie neutral to the earth screw.";
        }

        if (on is ScrewOn.Switch)
        {
            yield return $"A switch breaks the hot, never the neutral.";
        }

        if (on is ScrewOn.Lampholder)
        {
            yield return $"The neutral goes to the screw of the shell: a hand that changes the lamp may touch it.";
        }

        if (on is ScrewOn.ControlDevice)
        {
            yield return $"Control wires go by the diagram’s numbers, not by their colours.";
        }
        else
        {
            foreach (var line in OnDevices(plan))
            {
                yield return line;
            }
        }
    }

    internal static IReadOnlyList<Reason> WithAmpacity(EndPlan plan, IReadOnlyList<Reason> reasons) =>
        plan.Ampacity is { } table
            ?
            [
                .. reasons,
                new Reason(
                    "ampacity",
                    ReadingName.Fit,
                    Trust.Standard,
                    table.Source,
                    plan.Conductor.Size.System == SizeSystem.Metric
                        ? (FormattableString)
                            $"In machine wiring {plan.Conductor.ToString()} carries {table.Amps:0.#} A."
                        : $"At {table.TemperatureC} °C {plan.Conductor.ToString()} carries {table.Amps:0.#} A, on {table.Breaker:0.#} A at most: up to three loaded conductors, 30 °C ambient."
                ),
            ]
            : reasons;

    /// <summary>Whether a landing's strip depth was read off or is what is usual.</summary>
    internal static Reason DepthReason(PrintedLanding landing, Window<Length> bare) =>
        landing.StripDepthIsGiven
            ? new(
                "strip-depth",
                ReadingName.Strip,
                landing.DataTrust,
                DataSource(landing),
                $"The {landing.SaidAs} takes {landing.StripDepth:mm}; a bare end of {bare:range} passes."
            )
            : new(
                "strip-depth",
                ReadingName.Strip,
                Trust.Generic,
                "typical for the kind (from memory)",
                $"No strip depth is given: {bare:range} is typical of {landing.OneSaidAs}."
            );

    /// <summary>Whether a landing's range was read off or is what is usual.</summary>
    internal static Reason RangeReason(EndPlan plan, PrintedLanding landing) =>
        landing switch
        {
            BackStab => new(
                "size-range",
                ReadingName.Fit,
                Trust.Standard,
                "UL 498 (from memory)",
                $"It takes 14 AWG solid copper only."
            ),
            { RangeIsGiven: true } => new(
                "size-range",
                ReadingName.Fit,
                landing.DataTrust,
                DataSource(landing),
                $"The {landing.SaidAs} takes {ConductorOutOfRange.Range(landing, plan.Conductor.Size)}; {plan.Conductor.Size.NameInBoth} is in it."
            ),
            _ => new(
                "size-range",
                ReadingName.Fit,
                Trust.Generic,
                "typical (from memory)",
                $"No size range is given; {ConductorOutOfRange.Range(landing, plan.Conductor.Size)} is usual."
            ),
        };

    /// <summary>What a sample of the crimp holds, where a table has it.</summary>
    internal static IEnumerable<Reason> CrimpReason(EndPlan plan) =>
        PullTest.OfCrimp(plan.Conductor.Size) is { } pull
            ?
            [
                new Reason(
                    "crimp-pull-out",
                    ReadingName.Prepare,
                    Trust.Standard,
                    "UL 486A-486B (from memory)",
                    $"A sample crimped with this tool and die holds at least {pull:least} of pull on {plan.Conductor.Size.Name}. Never pull an installed conductor so."
                ),
            ]
            : [];

    /// <summary>Nothing is tightened, and why that is right here.</summary>
    internal static Reason HeldBy(string rule, string source, FormattableString text) =>
        new(rule, ReadingName.Tighten, Trust.Handbook, source, text);

    /// <summary>The twist that a bare stranded end gets where it is pushed in or clamped without a ferrule.</summary>
    internal static IEnumerable<Step> Twist(EndPlan plan) =>
        plan.Conductor.Build == Build.Solid || plan.Ferrule is not null
            ? []
            :
            [
                new Step(
                    "twist",
                    Operation.Prepare,
                    $"Twist the strands tight, with their lay.",
                    $"Round and firm: no strand stands out, and none lies across another."
                ),
            ];

    private static FormattableString How(EndPlan plan, StrippingTool kind, Window<Length> strip, bool twists)
    {
        var conductor = plan.Conductor;
        var name = conductor.Size.Name;
        var lay =
            conductor.Build == Build.Solid ? ""
            : twists ? " Keep the strands together."
            : " Keep the strands’ lay.";
        return kind switch
        {
            StrippingTool.Hole when conductor.Build == Build.Solid => (FormattableString)
                $"Strip {strip:target}. Hole marked {name} solid: fingers hold, the thumb pushes straight off; or tilt back, pop, draw straight. Never turn.",
            StrippingTool.Hole =>
                $"Strip {strip:target}. Hole marked {name} stranded: fingers hold, the thumb pushes straight off.{lay}",
            StrippingTool.Automatic =>
                $"Strip {strip:target}. Automatic stripper: the slot for {name}, its stop set to the length; it must not bite strands.{lay}",
            StrippingTool.Rotary =>
                $"Strip {strip:target}. Rotary stripper: fit the die, lock it, set the stop to the length, feed to the stop, let it turn.",
            _ when conductor.Size.Area.SquareMillimetres < 16 =>
                $"Strip {strip:target}. Knife, no stripper: roll the wire lightly under the blade, bend to open the cut, draw it off. Never down to the metal.",
            _ =>
                $"Strip {strip:target}. Knife: ring it lightly all round, bend to open the cut, draw off turning with the lay. Never down to the metal.",
        };
    }

    /// <summary>
    /// A wire bends no tighter than eight times its outside, five where it is fine-stranded (common practice).
    /// </summary>
    private static FormattableString Dress(EndPlan plan)
    {
        var (times, over) = (
            plan.Conductor.Build == Build.FineStranded ? 5 : 8,
            plan.Conductor.InsulationOuterDiameter.Millimetres
        );
        return $"Dress it: a little slack, no bend tighter than {new Length(Math.Ceiling(times * over)):mm} radius.";
    }

    internal static string DataSource(Landing landing) =>
        landing.DataTrust switch
        {
            Trust.Marking => "the landing’s printed data",
            Trust.Maker => "the maker’s sheet",
            _ => "typical data from the Shelf",
        };
}
