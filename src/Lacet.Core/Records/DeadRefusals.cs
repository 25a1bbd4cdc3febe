using Lacet.Core.DeadChecks;

namespace Lacet.Core.Records;

/// <summary>What is still missing before the next step to make an enclosure dead; each in a sentence.</summary>
public static class DeadRefusals
{
    /// <summary>What is missing before sources count as kept off; null where nothing is.</summary>
    public static string? OfLocking(DeadStanding standing)
    {
        if (standing.IsolatedAt is null)
        {
            return "List the sources first: each kind is there, or was looked for and is not.";
        }

        var open = standing.Sources.FirstOrDefault(s => !s.IsSafe());
        return open is null
                ? Enum.GetValues<SourceKind>()
                    .Where(k => !standing.Absent.Contains(k) && standing.Sources.All(s => s.Kind != k))
                    .Select(k => $"Nobody said yet of “{k.DisplayName()}” whether there is one.")
                    .FirstOrDefault()
            : open.Kind.IsLocked() ? $"{open.Name} has no lock on it."
            : $"Say how long {open.Name} takes to discharge: its plate says.";
    }

    /// <summary>What is missing before somebody proves it dead; null where nothing is.</summary>
    public static string? OfProving(DeadStanding standing, Guid person, DateTimeOffset now)
    {
        if (OfLocking(standing) is { } unlocked)
        {
            return unlocked;
        }

        if (standing.Locks.All(l => l.Person != person))
        {
            return "Hang your own lock first.";
        }

        return standing.DischargedAt is { } gone && gone > now
            ? FormattableString.Invariant(
                $"Stored energy is not gone yet: wait {Math.Ceiling((gone - now).TotalMinutes)} min more."
            )
            : null;
    }

    /// <summary>What speaks against there being nothing to prove; null where nothing does.</summary>
    public static string? OfExemption(DeadStanding standing, ProofExemption exemption) =>
        standing.Lapsed?.Why == Lapse.FoundLive ? "It was found live: find what feeds it, and prove it dead."
        : exemption == ProofExemption.NewPanel && standing.Sources.Count > 0
            ? $"{standing.Sources[0].Name} is listed as a source of it: a new panel on the bench has none."
        : null;

    /// <summary>What is missing before somebody says that they are at work still; null where nothing is.</summary>
    public static string? OfGoingOn(DeadStanding standing, Guid person) =>
        standing.Until is null ? "Nothing holds there that could go on: prove it dead."
        : !standing.IsInside(person) ? "Hang your own lock first."
        : null;

    /// <summary>What is wrong with a proof, whatever it shows; null where nothing is.</summary>
    public static string? OfProof(DeadProof proof, IReadOnlyList<DeadPoint> points)
    {
        if (!proof.Before)
        {
            return "Prove the instrument on something that is surely live, before you measure.";
        }

        if (proof.Readings.Count == 0)
        {
            return "Measure each conductor to every other, and to earth.";
        }

        // What is live is told at once, whatever else is still to be measured.
        if (!proof.IsDead())
        {
            return null;
        }

        var missing = DeadPoints
            .Pairs(points)
            .FirstOrDefault(p => !proof.Readings.Any(r => r.IsBetween(p.From.LandingId, p.To?.LandingId)));
        return missing.From is not null ? $"Not measured yet: {missing.From.Name} to {missing.To?.Name ?? "earth"}."
            : !proof.After ? "Prove the instrument again, after you measured: one that failed shows nothing either."
            : null;
    }
}
