using Lacet.Core.Practice;

namespace Lacet.Core.Tests.Practice;

/// <summary>The screw that is turned for practice.</summary>
public sealed class ScrewJointTests
{
    private static readonly Torque Target = new(1.3);

    [Fact]
    public void It_runs_down_nearly_free_then_snugs_then_climbs_then_yields()
    {
        var joint = new ScrewJoint(Target, 1);
        Assert.True(joint.At(40).NewtonMetres < 0.1 * Target.NewtonMetres);
        Assert.Equal(0.15, joint.At(120).NewtonMetres / Target.NewtonMetres, 0.001);
        Assert.Equal(1, joint.At(340).NewtonMetres / Target.NewtonMetres, 0.001);
        Assert.InRange(joint.At(900).NewtonMetres / Target.NewtonMetres, 1.6, 1.76);
    }

    [Fact]
    public void The_torque_never_falls_and_never_jumps_as_it_turns() =>
        Gen.Double[0, 1500]
            .Sample(degrees =>
            {
                var joint = new ScrewJoint(Target, 1);
                var step = joint.At(degrees + 0.5).NewtonMetres - joint.At(degrees).NewtonMetres;
                Assert.InRange(step, -1e-12, Target.NewtonMetres * 0.01);
            });

    [Fact]
    public void The_same_seed_feels_the_same()
    {
        var (a, b, c) = (new ScrewJoint(Target, 7), new ScrewJoint(Target, 7), new ScrewJoint(Target, 8));
        var felt = Enumerable.Range(0, 50).Select(i => (A: a.Feel(i * 6), B: b.Feel(i * 6), C: c.Feel(i * 6))).ToList();
        Assert.All(felt, f => Assert.Equal(f.A, f.B));
        Assert.Contains(felt, f => f.A != f.C);
    }

    [Fact]
    public void The_noise_stays_within_one_percent() =>
        Gen.Select(Gen.Int, Gen.Double[0, 600])
            .Sample(
                (seed, degrees) =>
                {
                    var joint = new ScrewJoint(Target, seed);
                    Assert.InRange(joint.Feel(degrees).NewtonMetres / joint.At(degrees).NewtonMetres, 0.99, 1.01);
                }
            );

    [Fact]
    public void The_window_of_a_receptacle_is_open_long_enough_to_let_go_in()
    {
        // 14 to 18 lbf·in around 16: a quarter of the way from snug to target, at the pace of a hand.
        var joint = new ScrewJoint(Target, 1);
        var inside = Enumerable
            .Range(0, 400)
            .Select(i => TimeSpan.FromMilliseconds(i * 10))
            .Count(t =>
                joint.At(ScrewJoint.AngleAfter(t)) is var torque
                && torque >= Target * (14.0 / 16)
                && torque <= Target * (18.0 / 16)
            );
        Assert.InRange(inside * 10, 300, 1500);
    }
}
