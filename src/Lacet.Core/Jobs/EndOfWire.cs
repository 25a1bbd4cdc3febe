namespace Lacet.Core.Jobs;

/// <summary>An end by its wire.</summary>
/// <param name="Wire">The wire.</param>
/// <param name="Side">Which of its ends.</param>
public readonly record struct EndOfWire(JobWire Wire, EndSide Side)
{
    /// <summary>The end.</summary>
    public JobEnd End => Wire[Side];

    /// <summary>The wire's other end.</summary>
    public JobEnd Other => Wire[Side == EndSide.A ? EndSide.B : EndSide.A];
}
