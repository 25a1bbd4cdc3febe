using System.Runtime.CompilerServices;
using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;

namespace Lacet.Core.Boards;

/// <summary>
/// An enclosure's board that is kept while its job changes: only the devices that a change reaches are drawn anew, all
/// others stay the same objects. Not safe for several threads at once.
/// </summary>
public sealed class StandingBoard(Job job, Guid enclosure)
{
    private readonly Dictionary<Guid, IReadOnlyList<BoardDevice>> _figures = [];

    // A figure where it stands; what stands no more is forgotten with its figure.
    private ConditionalWeakTable<BoardDevice, BoardDevice> _standing = [];

    /// <summary>
    /// The layout as the job is now. Throws <see cref="KeyNotFoundException"/> where there is no such enclosure.
    /// </summary>
    public BoardLayout Layout() => BoardLayout.Of(job, enclosure, Figure, Stand);

    /// <summary>
    /// Tells of a change that was made: the parts before and after it, and what was judged anew because of it. True
    /// where more than ends and findings has changed, so that everything may stand elsewhere.
    /// </summary>
    public bool Reach(IEnumerable<JobPart> parts, IEnumerable<Subject> judged)
    {
        var changed = parts.ToList();
        if (changed.Exists(p => p.Kind is EntityKind.Enclosure or EntityKind.Device or EntityKind.Landing))
        {
            _figures.Clear();
            _standing = [];
            return true;
        }

        changed.OfType<JobWire>().ToList().ForEach(Reach);
        changed.OfType<JobBridge>().SelectMany(b => b.Landings).ToList().ForEach(l => ReachLanding(l));
        foreach (var subject in judged)
        {
            switch (subject.Scope)
            {
                case CheckScope.End when job.Wires.TryGetValue(subject.Id, out var wire):
                    ReachLanding(wire[subject.Side].LandingId);
                    break;
                case CheckScope.Wire when job.Wires.TryGetValue(subject.Id, out var wire):
                    Reach(wire);
                    break;
                case CheckScope.Landing:
                    ReachLanding(subject.Id);
                    break;
                case CheckScope.Device:
                    _figures.Remove(subject.Id);
                    break;
            }
        }

        return false;
    }

    private void Reach(JobWire wire)
    {
        ReachLanding(wire.A.LandingId);
        ReachLanding(wire.B.LandingId);
    }

    private void ReachLanding(Guid? id)
    {
        if (id is { } known && job.Landings.TryGetValue(known, out var landing))
        {
            _figures.Remove(BoardLayout.FigureOf(landing));
        }
    }

    private IReadOnlyList<BoardDevice> Figure(Guid key, Func<IEnumerable<BoardDevice>> draw)
    {
        if (!_figures.TryGetValue(key, out var figure))
        {
            _figures.Add(key, figure = [.. draw()]);
        }

        return figure;
    }

    private BoardDevice Stand(BoardDevice figure, double dx, double dy)
    {
        if (_standing.TryGetValue(figure, out var stands) && stands.Body == figure.Body.Moved(dx, dy))
        {
            return stands;
        }

        var moved = figure.Moved(dx, dy);
        _standing.AddOrUpdate(figure, moved);
        return moved;
    }
}
