using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Hooks;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Torques;

namespace Lacet.Core.Checks.End;

/// <summary>What the crafts worked out for one end: checks read it, and the recipe is written from it.</summary>
public sealed record EndPlan
{
    /// <summary>Works it out.</summary>
    public EndPlan(Conductor conductor, Landing landing, HouseRules rules)
    {
        (Conductor, Landing, Rules) = (conductor, landing, rules);
        Torque = TorqueChoice.For(landing, rules);
        switch (landing)
        {
            // A hook of a wire that is far too thick has no geometry.
            case BindingScrew screw when screw.Takes(conductor.Size):
                Hook = new HookGeometry(conductor, screw.Screw);
                break;
            case ScrewClampBlock block when block.Ferrule != FerruleAcceptance.Forbidden:
                PossibleFerrule = FerruleChoice.For(conductor, block.StripDepth, rules);
                Ferrule = WantsFerrule(block) ? PossibleFerrule : null;
                break;
        }
    }

    /// <summary>The conductor.</summary>
    public Conductor Conductor { get; }

    /// <summary>The landing.</summary>
    public Landing Landing { get; }

    /// <summary>The house rules in force.</summary>
    public HouseRules Rules { get; }

    /// <summary>The torque and its trust.</summary>
    public TorqueChoice Torque { get; }

    /// <summary>The hook, at a binding screw that takes the size.</summary>
    public HookGeometry? Hook { get; }

    /// <summary>The ferrule that the end gets.</summary>
    public FerruleChoice? Ferrule { get; }

    /// <summary>The ferrule that it could get, whether it gets it or not.</summary>
    public FerruleChoice? PossibleFerrule { get; }

    /// <summary>Whether a block, or the house rules where the block leaves it open, ask for a ferrule on this conductor.</summary>
    public bool WantsFerrule(ScrewClampBlock block) => Conductor.Build != Build.Solid && block.Ferrule switch
    {
        FerruleAcceptance.Required => true,
        FerruleAcceptance.Forbidden => false,
        _ => Conductor.Build == Build.FineStranded && Rules.FerrulesOnFineStrands == FerrulesOnFineStrands.Required,
    };
}
