using Lacet.Core.DeadChecks;
using Lacet.Core.Jobs;
using Lacet.Core.Networks;
using Lacet.Workshop.Jobs;

namespace Lacet.Workshop.DeadChecks;

/// <summary>
/// What the stand-in multimeter shows in an enclosure that is not there: dead once every source is kept off, and what the
/// job’s circuits say before that.
/// </summary>
public static class SimulatedVolts
{
    /// <summary>V, where the job says no voltage of what is live.</summary>
    private const double Usual = 120;

    /// <summary>V, of direct current where the job says none.</summary>
    private const double UsualControl = 24;

    /// <summary>V, the noise of a meter whose tips touch what is dead.</summary>
    private const double Noise = 0.1;

    /// <summary>V between two landings, or from one to earth.</summary>
    public static double Between(JobSession job, JobLanding from, JobLanding? to, DateTimeOffset now)
    {
        if (job.Dead.Of(from.EnclosureId).At(now) is { IsLockedOff: true, State: not DeadState.Live })
        {
            return Noise;
        }

        if (to is not null)
        {
            return VoltageBetween.Of(job.Job, from, to) is { } between
                ? between.Volts ?? (between.IsDc ? UsualControl : Usual)
                : Noise;
        }

        return Carried(job.Job, from) switch
        {
            null or Potential.Neutral or Potential.Earth or Potential.Zero or Potential.Signal => Noise,
            Potential.Plus => UsualControl,
            _ => Usual,
        };
    }

    private static Potential? Carried(Job job, JobLanding landing) =>
        job.EndsAt(landing.Id).Select(e => Potentials.Of(e.Wire.Function)).FirstOrDefault(p => p is not null)
        ?? Potentials.Of(job, landing);
}
