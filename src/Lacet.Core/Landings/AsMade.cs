using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>How an end really is, as far as somebody measured or saw it.</summary>
/// <param name="MeasuredStrip">The strip length that was measured; null where nobody did.</param>
/// <param name="Tightening">How it was tightened; null where it is not tightened yet, or nobody knows.</param>
public sealed record AsMade(Length? MeasuredStrip, Tightening? Tightening)
{
    /// <summary>Bare metal that shows outside the landing; null where nobody looked.</summary>
    public Length? BareShowing { get; init; }

    /// <summary>Whether insulation is caught under the screw or in the clamp.</summary>
    public bool InsulationCaught { get; init; }

    /// <summary>Which way the hook lies; null where there is none or nobody looked.</summary>
    public HookWay? Hook { get; init; }

    /// <summary>Whether it moves when it is tugged.</summary>
    public bool Loose { get; init; }

    /// <summary>Whether it shows heat: browned, melted, brittle.</summary>
    public bool Scorched { get; init; }
}
