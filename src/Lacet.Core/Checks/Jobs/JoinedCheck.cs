using System.Runtime.CompilerServices;
using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.Jobs;

/// <summary>Two things are joined at a landing that must not be: what all such checks have in common.</summary>
public abstract class JoinedCheck : IJobCheck<JobLanding>
{
    private static readonly string[] RestsOn =
    [
        "landing.ends",
        "landing.bridges",
        "landing.identity",
        "device.type",
        "wire.function",
        "wire.circuitId",
    ];

    /// <inheritdoc/>
    public abstract string Id { get; }

    /// <inheritdoc/>
    public abstract Harm Harm { get; }

    /// <inheritdoc/>
    public CheckScope Scope => CheckScope.Landing;

    /// <summary>How bad it is.</summary>
    protected virtual Severity Severity => Severity.Stop;

    /// <summary>The contradiction that it is about.</summary>
    protected abstract ContradictionKind Kind { get; }

    /// <summary>What comes of it, after the names of the two.</summary>
    protected abstract Term Comes { get; }

    /// <summary>What to do.</summary>
    protected abstract FormattableString Do { get; }

    /// <summary>The document and section.</summary>
    protected abstract string Source { get; }

    /// <inheritdoc/>
    public Finding? Judge(Job job, JobLanding subject) => Judge(job, subject, Contradiction.At(job, subject));

    /// <summary>What it finds in what was looked at already, or null.</summary>
    internal Finding? Judge(Job job, JobLanding subject, Contradiction? found) =>
        found?.Kind == Kind
            ? new Finding(Id, Severity, Says(job, subject, found), Do, Source, RestsOn) { Way = found.Way.Stops }
            : null;

    private FormattableString Says(Job job, JobLanding landing, Contradiction found)
    {
        var place = $"{job.Enclosures[landing.EnclosureId].Name}/{landing.Name}";
        if (Bridge(job, found) is { } bridge)
        {
            return $"{Capital(found.One.Says)}, and {found.Other.Says}, are joined by {job.NameOf(bridge)} of {job.Enclosures[landing.EnclosureId].Name}: {Comes}.";
        }

        return found.One is { ByDevice: true, Seat: { } seat } && seat.Id == landing.Id
            ? $"{Capital(found.Other.Says)}, lands on {place}, which is {found.One.Potential.Say()}: {Comes}."
            : (FormattableString)$"{Capital(found.One.Says)}, and {found.Other.Says}, are joined at {place}: {Comes}.";
    }

    /// <summary>The bridge without which the two would not be joined; null where they are joined by wires.</summary>
    private static JobBridge? Bridge(Job job, Contradiction found)
    {
        var stops = found.Way.Stops;
        for (var i = 1; i + 1 < stops.Count; i++)
        {
            if (
                stops[i] is { LandingId: null, WireId: null }
                && stops[i - 1].LandingId is { } one
                && stops[i + 1].LandingId is { } other
            )
            {
                return job.BridgesAt(one).FirstOrDefault(b => b.Landings.Contains(other))
                    ?? job.BridgesAt(one).FirstOrDefault();
            }
        }

        return null;
    }

    private static FormattableString Capital(FormattableString text) =>
        FormattableStringFactory.Create(char.ToUpperInvariant(text.Format[0]) + text.Format[1..], text.GetArguments());
}
