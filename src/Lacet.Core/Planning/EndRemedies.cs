using System.Globalization;
using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Quantities;

namespace Lacet.Core.Planning;

/// <summary>
/// What can be done about what was found at an end. Each is tried on the whole job before it is offered: it takes away
/// at least one finding that is a fix or a stop, and brings none, not even a note. No remedy changes which circuit a
/// wire is on, what it is for, or which device it feeds: what cannot be shown to keep these is not offered.
/// </summary>
public static partial class EndRemedies
{
    /// <summary>Of free slots that would do, so many are offered.</summary>
    private const int MostSlots = 2;

    /// <summary>A usual strip, where nothing is planned for an end (common practice), mm.</summary>
    private const double UsualStrip = 10;

    /// <summary>What an exchange of two wires on one device may cure; any other would rewire it.</summary>
    private static readonly string[] CuredBySwap = ["reversed-polarity", "line-load-swapped"];

    /// <summary>What can be done. <paramref name="newId"/> makes ids of parts that a remedy puts in.</summary>
    public static IReadOnlyList<EndRemedy> For(JudgedJob judged, EndOfWire end, Func<Guid> newId)
    {
        var offered = new List<EndRemedy>();
        var slots = 0;
        if (!IsWrong(judged, end))
        {
            return offered;
        }

        foreach (var (id, says, at, changes) in Candidates(judged, end, newId))
        {
            if (id is "move" && slots == MostSlots)
            {
                continue;
            }

            if (Tried(judged, end, id, says, at, changes) is { } remedy)
            {
                offered.Add(remedy);
                slots += id is "move" ? 1 : 0;
            }
        }

        return offered;
    }

    /// <summary>Whether anything is to be put right at an end.</summary>
    private static bool IsWrong(JudgedJob judged, EndOfWire end)
    {
        var subjects = new List<Subject>
        {
            new(CheckScope.End, end.Wire.Id, end.Side),
            new(CheckScope.Wire, end.Wire.Id),
        };
        if (end.End.LandingId is { } landing)
        {
            subjects.Add(new(CheckScope.Landing, landing));
            if (judged.Job.Landings[landing].DeviceId is { } device)
            {
                subjects.Add(new(CheckScope.Device, device));
            }
        }

        if (end.Wire.CircuitId is { } circuit)
        {
            subjects.Add(new(CheckScope.Circuit, circuit));
        }

        return subjects.SelectMany(judged.About).Any(f => f.Finding.Severity != Severity.Note);
    }

    private static EndRemedy? Tried(
        JudgedJob judged,
        EndOfWire end,
        string id,
        string says,
        Guid? at,
        IReadOnlyList<EntityChange> changes
    )
    {
        IReadOnlyList<JobFinding> gone,
            come;
        try
        {
            (gone, come) = judged.Try(changes);
        }
        catch (ImpossibleInputException)
        {
            return null;
        }

        var cures =
            gone.Any(f => f.Finding.Severity != Severity.Note && IsAt(judged.Job, end, f.About))
            && (id is not "swap" || gone.Any(f => CuredBySwap.Contains(f.Finding.Check, StringComparer.Ordinal)));
        return cures && come.Count == 0 ? new(id, says, changes, at, gone, come) : null;
    }

    /// <summary>Whether a finding is about this end, its wire, its landing, its device or its circuit.</summary>
    private static bool IsAt(Job job, EndOfWire end, Subject about) =>
        about.Scope switch
        {
            CheckScope.End => about.Id == end.Wire.Id && about.Side == end.Side,
            CheckScope.Wire => about.Id == end.Wire.Id,
            CheckScope.Landing => about.Id == end.End.LandingId,
            CheckScope.Device => end.End.LandingId is { } at && job.Landings[at].DeviceId == about.Id,
            CheckScope.Circuit => about.Id == end.Wire.CircuitId,
            _ => false,
        };

    private static EntityChange Put(EndOfWire end, JobEnd after) => EntityChange.Put(With(end.Wire, end.Side, after));

    private static JobWire With(JobWire wire, EndSide side, JobEnd end) =>
        side == EndSide.A ? wire with { A = end } : wire with { B = end };

    private static string Say(FormattableString text) => text.ToString(CultureInfo.InvariantCulture);
}
