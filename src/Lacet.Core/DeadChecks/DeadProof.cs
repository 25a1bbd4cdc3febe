namespace Lacet.Core.DeadChecks;

/// <summary>
/// How dead was proved: an instrument that was seen to work on something live before and after, and what it showed
/// between each conductor and every other, and to earth.
/// </summary>
/// <param name="Instrument">What kind of instrument.</param>
/// <param name="Name">Which one.</param>
/// <param name="ProvedOn">The known source or proving unit that it was proved on.</param>
/// <param name="Before">Whether it worked before.</param>
/// <param name="After">Whether it worked after.</param>
/// <param name="Readings">What it showed.</param>
/// <param name="Simulated">Whether a stand-in measured.</param>
public sealed record DeadProof(
    Instrument Instrument,
    string Name,
    string ProvedOn,
    bool Before,
    bool After,
    IReadOnlyList<DeadReading> Readings,
    bool Simulated = false
)
{
    /// <summary>Whether everything it showed is dead.</summary>
    public bool IsDead() => Readings.All(r => r.IsDead());
}
