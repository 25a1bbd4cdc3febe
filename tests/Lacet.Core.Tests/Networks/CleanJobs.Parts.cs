using Lacet.Core.Jobs;
using Lacet.Core.Tests.Jobs;

namespace Lacet.Core.Tests.Networks;

internal static partial class CleanJobs
{
    /// <summary>A block with room for what comes and what goes on.</summary>
    private static Landing Through { get; } = Ends.Block(0.5, 16) with { TakesTwo = true };

    private static JobWire Out(JobWire wire) => wire with { A = wire.A with { Elsewhere = true } };

    private static Sketch Bars(Sketch job, string panel, string neutral, string earth, int count)
    {
        job.Device(panel, neutral, DeviceType.NeutralBar).Device(panel, earth, DeviceType.EarthBar);
        foreach (var i in Enumerable.Range(1, count))
        {
            job.Landing(panel, $"{neutral}:{i}", Ends.Block(0.5, 25), neutral)
                .Landing(panel, $"{earth}:{i}", Ends.Block(0.5, 25), earth);
        }

        return job;
    }

    private static Sketch Sided(Sketch job, string panel, string name, double amps, int poles)
    {
        job.Device(panel, name, DeviceType.Breaker, d => d with { RatingAmps = amps });
        foreach (var i in Enumerable.Range(1, 2 * poles))
        {
            job.Landing(panel, $"{name}:{i}", Ends.Block(0.5, 25), name, l =>
                l with
                {
                    Side = i % 2 == 1 ? DeviceSide.Line : DeviceSide.Load,
                }
            );
        }

        return job;
    }

    private static Sketch GroundFault(Sketch job, string box, string name)
    {
        job.Device(box, name, DeviceType.GroundFaultReceptacle, d => d with { RatingAmps = 15 });
        foreach (var side in new[] { DeviceSide.Line, DeviceSide.Load })
        {
            job.Landing(box, $"{name}.brass{side}", Ends.Screw(), name, l =>
                    l with
                    {
                        Identity = TerminalIdentity.Brass,
                        Side = side,
                    }
                )
                .Landing(box, $"{name}.silver{side}", Ends.Screw(), name, l =>
                    l with
                    {
                        Identity = TerminalIdentity.Silver,
                        Side = side,
                    }
                );
        }

        return job.Landing(box, $"{name}.green", Ends.Screw(), name, l => l with { Identity = TerminalIdentity.Green });
    }

    private static Sketch Load(Sketch job, string box, string name, params TerminalIdentity[] terminals)
    {
        job.Device(box, name, DeviceType.Load);
        foreach (var identity in terminals)
        {
            job.Landing(box, $"{name}:{identity}", Ends.Block(0.5, 16), name, with: l =>
                l with
                {
                    Identity = identity,
                }
            );
        }

        return job;
    }
}
