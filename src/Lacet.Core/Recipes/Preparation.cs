using Lacet.Core.Ferrules;
using Lacet.Core.Hooks;
using Lacet.Core.Landings;
using Lacet.Core.Lugs;

namespace Lacet.Core.Recipes;

/// <summary>The preparation, with the bend where there is one.</summary>
/// <param name="Kind">What is done.</param>
/// <param name="Headline">In two or three words.</param>
/// <param name="Detail">What passes, in a line.</param>
public sealed record Preparation(PreparationKind Kind, FormattableString Headline, FormattableString Detail)
{
    /// <summary>The hook, clockwise as the screwdriver sees it; null for the other kinds.</summary>
    public HookGeometry? Hook { get; private init; }

    /// <summary>None: the wire must not land here.</summary>
    public static Preparation Nothing { get; } = new(PreparationKind.None, $"None", $"Do not land it here.");

    /// <summary>A straight, bare end.</summary>
    public static Preparation Straight { get; } =
        new(PreparationKind.Straight, $"Straight", $"Bare, no hook, no ferrule.");

    internal static Preparation OfHook(HookGeometry hook) =>
        new(
            PreparationKind.Hook,
            $"Hook {hook.AngleTarget:0}°",
            $"Clockwise. {hook.AngleLeast:0}° to {Math.Floor(hook.AngleMost):0}° passes, before it is closed."
        )
        {
            Hook = hook,
        };

    internal static Preparation OfFerrule(FerruleChoice ferrule)
    {
        FormattableString size = ferrule.Twin
            ? (FormattableString)$"Twin 2×{ferrule.Size.Read().Metric}"
            : $"Ferrule {ferrule.Size.Read().Metric}";
        var series = FerruleChoice.Say(ferrule.Series);
        return new(
            PreparationKind.Ferrule,
            size,
            ferrule.Collar switch
            {
                Collar.None => $"Sleeve {ferrule.Pin:mm} long, without collar.",
                Collar.Large => $"Pin {ferrule.Pin:mm}, large collar, {ferrule.Colour} in {series}.",
                _ => $"Pin {ferrule.Pin:mm}, {ferrule.Colour} in {series}.",
            }
        );
    }

    internal static Preparation OfRing(RingChoice ring) =>
        new(
            ring.Shape == RingShape.Ring ? PreparationKind.Ring : PreparationKind.Fork,
            ring.Shape == RingShape.Ring ? (FormattableString)$"Ring {ring.Stud}" : $"Fork {ring.Stud}",
            $"Hole {ring.Hole:mm}, {ring.Colour} sleeve, printed {ring.Printed}."
        );
}
