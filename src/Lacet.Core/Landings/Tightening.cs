using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>How a landing was tightened. One of four ways.</summary>
public abstract record Tightening
{
    private Tightening() { }

    /// <summary>A digital tool's reading.</summary>
    /// <param name="Peak">The torque when the hand let go.</param>
    /// <param name="Tool">What read it.</param>
    /// <param name="Simulated">Whether a stand-in measured it; then it proves nothing about a real screw.</param>
    public sealed record Reading(Torque Peak, string Tool, bool Simulated) : Tightening;

    /// <summary>A preset tool that clicked.</summary>
    /// <param name="Tool">Which tool.</param>
    /// <param name="Setting">What it was set to.</param>
    public sealed record Preset(string Tool, Torque Setting) : Tightening;

    /// <summary>Nothing measured it.</summary>
    public sealed record ByFeel : Tightening;

    /// <summary>Nothing is tightened here: a spring, a lever, a pivot or solder holds it.</summary>
    public sealed record Seated : Tightening;
}
