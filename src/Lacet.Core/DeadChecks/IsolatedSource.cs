namespace Lacet.Core.DeadChecks;

/// <summary>A source of an enclosure, and what keeps it off.</summary>
/// <param name="Id">Which; it stays the same while it is this source.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Name">What it is called where it is switched: "LP/Q3".</param>
/// <param name="Lock">Number of the lock on it; null while none is, and for stored energy.</param>
/// <param name="DischargeMinutes">
/// Of stored energy how long it takes to be gone, minutes, off its plate; null for the rest, and while nobody said.
/// </param>
public sealed record IsolatedSource(
    Guid Id,
    SourceKind Kind,
    string Name,
    string? Lock = null,
    double? DischargeMinutes = null
)
{
    /// <summary>Whether it is kept off: a lock hangs on it, or it is known how long to wait.</summary>
    public bool IsSafe() => Kind.IsLocked() ? Lock is not null : DischargeMinutes is not null;
}
