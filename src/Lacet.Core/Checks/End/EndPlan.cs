using Lacet.Core.Circuits;
using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Hooks;
using Lacet.Core.Landings;
using Lacet.Core.Lugs;
using Lacet.Core.Torques;

namespace Lacet.Core.Checks.End;

/// <summary>What the crafts worked out for one end: checks read it, and the recipe is written from it.</summary>
public sealed record EndPlan
{
    /// <summary>Works it out.</summary>
    public EndPlan(EndAtHand atHand)
    {
        AtHand = atHand;
        Lug = LugRow.For(Conductor);
        Torque = TorqueChoice.For(Landing, Conductor, (Lug.Socket, Lug.Bolt), Rules);
        Ampacity = Ampacity.For(
            Conductor,
            atHand.ColumnLimitC is { } limit && !(Landing.TemperatureC <= limit) ? limit : Landing.TemperatureC,
            atHand.FeedsReceptacles
        );
        switch (Landing)
        {
            // A hook of a wire that is far too thick has no geometry.
            case BindingScrew screw when screw.Takes(Conductor.Size):
                Hook = new HookGeometry(Conductor, screw.Screw);
                break;
            // Nobody prints a range on a plug’s screw: its head decides.
            case PlugScrew { Grip: PlugGrip.Hook } plug:
                Hook = new HookGeometry(Conductor, plug.Screw);
                break;
            case PrintedLanding { Ferrule: not FerruleAcceptance.Forbidden } printed:
                PossibleFerrule = atHand.Second is { } second
                    ? FerruleChoice.ForTwo(Conductor, second, printed.StripDepth, Rules)
                    : FerruleChoice.For(Conductor, printed.StripDepth, Rules, atHand.FerruleLabelMm2);
                Ferrule = WantsFerrule(printed) ? PossibleFerrule : null;
                break;
            case Stud stud:
                Ring = RingChoice.For(Conductor, stud);
                break;
        }
    }

    /// <summary>Works out one conductor in one landing.</summary>
    public EndPlan(Conductor conductor, Landing landing, HouseRules rules)
        : this(new EndAtHand(conductor, landing, rules)) { }

    /// <summary>What is in the hand.</summary>
    public EndAtHand AtHand { get; }

    /// <summary>The conductor.</summary>
    public Conductor Conductor => AtHand.Conductor;

    /// <summary>The landing.</summary>
    public Landing Landing => AtHand.Landing;

    /// <summary>The house rules in force.</summary>
    public HouseRules Rules => AtHand.Rules;

    /// <summary>The torque and its trust; null where nothing is tightened.</summary>
    public TorqueChoice? Torque { get; }

    /// <summary>The hook, at a screw that takes the size.</summary>
    public HookGeometry? Hook { get; }

    /// <summary>The ferrule that the end gets.</summary>
    public FerruleChoice? Ferrule { get; }

    /// <summary>The ferrule that it could get, whether it gets it or not.</summary>
    public FerruleChoice? PossibleFerrule { get; }

    /// <summary>The ring or fork, on a stud.</summary>
    public RingChoice? Ring { get; }

    /// <summary>What a lug for this conductor usually has.</summary>
    public LugRow Lug { get; }

    /// <summary>What the conductor may carry at this landing; null where no table has it.</summary>
    public Ampacity? Ampacity { get; }

    /// <summary>
    /// Whether a landing, or the house rules where the landing leaves it open, ask for a ferrule: the house rule speaks
    /// of screw clamps and push-in blocks only. Two stranded conductors in one opening get a twin wherever ferrules are
    /// taken.
    /// </summary>
    public bool WantsFerrule(PrintedLanding landing) =>
        Conductor.Build != Build.Solid
        && landing.Ferrule switch
        {
            FerruleAcceptance.Required => true,
            FerruleAcceptance.Forbidden => false,
            _ when AtHand.Second is not null => true,
            FerruleAcceptance.Unnecessary => false,
            _ => landing is ScrewClampBlock or PushInBlock
                && Conductor.Build == Build.FineStranded
                && Rules.FerrulesOnFineStrands == FerrulesOnFineStrands.Required,
        };
}
