using Lacet.Core.Checks;
using Lacet.Core.Checks.Jobs;
using Lacet.Core.Jobs;
using Lacet.Core.Planning;

namespace Lacet.Core.Tests.Jobs;

/// <summary>
/// What is already there: found by the same checks as what is planned, and put right by a job that has no findings
/// left.
/// </summary>
public sealed class SurveyTests
{
    public static TheoryData<string, SurveyedDevice, string[]> Devices =>
        new()
        {
            { "as it should be", new SurveyedDevice("1"), [] },
            {
                "back-stab",
                new SurveyedDevice("1") { Wiring = SurveyWiring.BackStab },
                ["back-stab-by-house-rule"]
            },
            // UL 498: 14 AWG only, circuits to 15 A; from memory.
            {
                "back-stab on 20 A",
                new SurveyedDevice("1")
                {
                    Wiring = SurveyWiring.BackStab,
                    BreakerAmps = 20,
                    RatingAmps = 20,
                    Conductor = Ends.Wire("12"),
                },
                ["back-stab-by-house-rule", "back-stab-over-15-a", "conductor-out-of-range"]
            },
            {
                "doubled",
                new SurveyedDevice("1") { Doubled = true },
                ["two-conductors"]
            },
            {
                "doubled under a clamp",
                new SurveyedDevice("1") { Doubled = true, Wiring = SurveyWiring.Clamp },
                []
            },
            {
                "reversed",
                new SurveyedDevice("1") { Polarity = SurveyPolarity.Reversed },
                ["reversed-polarity"]
            },
            {
                "open earth",
                new SurveyedDevice("1") { Polarity = SurveyPolarity.OpenEarth },
                ["earth-missing"]
            },
            {
                "bootleg",
                new SurveyedDevice("1") { Polarity = SurveyPolarity.Bootleg },
                ["bootleg-earth"]
            },
            {
                "against the screw",
                new SurveyedDevice("1") { Hook = HookWay.CounterClockwise },
                ["hook-wrong-way"]
            },
            {
                "bare metal",
                new SurveyedDevice("1") { BareShowing = new(5) },
                ["bare-metal-shows"]
            },
            {
                "plastic under a screw",
                new SurveyedDevice("1") { InsulationCaught = true },
                ["insulation-caught"]
            },
            {
                "loose",
                new SurveyedDevice("1") { Condition = SurveyCondition.Loose },
                ["loose-or-scorched"]
            },
            {
                "scorched",
                new SurveyedDevice("1") { Condition = SurveyCondition.Scorched },
                ["loose-or-scorched"]
            },
            {
                "20 A on a 15 A breaker",
                new SurveyedDevice("1") { RatingAmps = 20 },
                ["receptacle-rating"]
            },
            {
                "14 AWG on 20 A",
                new SurveyedDevice("1") { BreakerAmps = 20, Conductor = Ends.Wire("14") },
                ["terminal-overloaded"]
            },
            // Nobody can say what is in the wall: nothing is taken from the breaker, and nothing is found about a wire
            // that nobody saw.
            {
                "unknown wire on 20 A",
                new SurveyedDevice("1") { BreakerAmps = 20 },
                []
            },
            {
                "unknown wire, doubled in back-stabs on 20 A",
                new SurveyedDevice("1")
                {
                    BreakerAmps = 20,
                    RatingAmps = 20,
                    Wiring = SurveyWiring.BackStab,
                    Doubled = true,
                },
                ["back-stab-by-house-rule", "back-stab-over-15-a", "two-conductors"]
            },
            {
                "aluminium",
                new SurveyedDevice("1") { Conductor = Ends.Wire("12", material: Material.Aluminium) },
                ["aluminium-not-marked"]
            },
        };

    [Theory]
    [Trait("Advice", "1.19")]
    [Trait("Advice", "4.17")]
    [MemberData(nameof(Devices))]
    public void A_device_is_judged_as_it_was_found(string what, SurveyedDevice device, string[] checks)
    {
        Assert.NotEmpty(what);
        var found = Survey(device)
            .Findings.Where(f => f.Finding.Severity != Severity.Note)
            .Select(f => f.Finding.Check)
            .Distinct()
            .Order(StringComparer.Ordinal);
        Assert.Equal(checks, found);
    }

    [Fact]
    public void The_job_for_it_puts_everything_right_that_hands_can()
    {
        var survey = Survey(
            new SurveyedDevice("1") { Wiring = SurveyWiring.BackStab, Doubled = true },
            new("2") { Polarity = SurveyPolarity.Reversed, Doubled = true },
            new("3") { Condition = SurveyCondition.Scorched, Hook = HookWay.CounterClockwise },
            new("4") { RatingAmps = 20 },
            new("5")
        );
        var remedy = SurveyRemedy.For(survey);
        Assert.Equal(["1", "2", "3", "4"], remedy.Devices.Select(d => d.Name));
        var job = new JudgedJob(
            remedy.Job(
                survey,
                new JobTitle(Guid.NewGuid(), "Put right") { Rules = survey.Job.Title.Rules },
                Guid.NewGuid
            )
        );
        Assert.DoesNotContain(job.Findings, f => f.Finding.Severity != Severity.Note);
        // Two spliced pairs a doubled device, hot and neutral; the earth stands alone.
        Assert.Equal(4, job.Job.Landings.Values.Count(l => l.Splice is not null));
        Assert.Equal(15, job.Job.Devices.Values.Single(d => d.Name == "4").RatingAmps);
    }

    [Fact]
    [Trait("Advice", "1.20")]
    public void Time_and_parts_add_up()
    {
        // By the table: dead 4, re-terminate 8, replace 6, pigtail 5, earth 20 minutes.
        var remedy = SurveyRemedy.For(
            Survey(
                new SurveyedDevice("1") { Doubled = true },
                new("2") { Condition = SurveyCondition.Loose },
                new("3") { Polarity = SurveyPolarity.OpenEarth }
            )
        );
        Assert.Equal([17.0, 12, 32], remedy.Devices.Select(d => d.Minutes));
        Assert.Equal(61, remedy.Minutes);
        Assert.Contains(remedy.Parts, p =>
            p is { Count: 2 } && p.Name.Word.StartsWith("Splice connectors", StringComparison.Ordinal)
        );
        // Two pigtails by the one rule: 6 in free, 1 1/2 in in the splice, 3/4 in at the screw, and two reworks: 268 mm
        // each.
        Assert.Contains(remedy.Parts, p => p is { Unit: "m", Count: 0.6 });
        Assert.Contains(remedy.Parts, p => p.Name.Word.Contains("No equipment ground", StringComparison.Ordinal));
    }

    /// <summary>
    /// Common practice: a loose screw is made anew, a spring that let go and what got hot are replaced.
    /// </summary>
    [Theory]
    [InlineData(SurveyWiring.SideScrew, SurveyCondition.Loose, false)]
    [InlineData(SurveyWiring.Clamp, SurveyCondition.Loose, false)]
    [InlineData(SurveyWiring.BackStab, SurveyCondition.Loose, true)]
    [InlineData(SurveyWiring.Lever, SurveyCondition.Loose, true)]
    [InlineData(SurveyWiring.SideScrew, SurveyCondition.Scorched, true)]
    public void What_let_go_or_got_hot_is_replaced(SurveyWiring wiring, SurveyCondition condition, bool replaced) =>
        Assert.Equal(
            replaced,
            SurveyRemedy
                .For(Survey(new SurveyedDevice("1") { Wiring = wiring, Condition = condition }))
                .Devices.Single()
                .Replace
        );

    [Theory]
    [InlineData(ReceptacleWiring.BackWireClamp, "back-wire-clamp")]
    [InlineData(ReceptacleWiring.HookOnScrew, "binding-screw")]
    [InlineData(ReceptacleWiring.LeverDevice, "lever")]
    public void It_is_put_right_by_the_house_s_own_way(ReceptacleWiring rule, string kind)
    {
        var survey = SurveyBy(
            HouseRules.Default with
            {
                ReceptacleWiring = rule,
            },
            new SurveyedDevice("1") { Polarity = SurveyPolarity.Reversed }
        );
        var job = SurveyRemedy.For(survey).Job(survey, new JobTitle(Guid.NewGuid(), "J"), Guid.NewGuid);
        Assert.Equal(kind, job.Landings.Values.Single(l => l.Identity == TerminalIdentity.Brass).Landing!.Kind);
    }

    private static JudgedJob Survey(params SurveyedDevice[] devices) => SurveyBy(HouseRules.Default, devices);

    private static JudgedJob SurveyBy(HouseRules rules, params SurveyedDevice[] devices)
    {
        var job = new Job(new JobTitle(Guid.NewGuid(), "Survey") { Purpose = JobPurpose.Survey, Rules = rules }, []);
        foreach (var device in devices)
        {
            job.Apply([.. device.Parts(job, Guid.NewGuid).Select(EntityChange.Put)]);
        }

        return new JudgedJob(job);
    }

    /// <summary>What was seen of an end in a joint counts as at a terminal, and what to do is said for a joint.</summary>
    [Theory]
    [InlineData(true, false, "loose-or-scorched", "new connector")]
    [InlineData(false, true, "spoiled-end", "")]
    public void What_was_found_in_a_joint_is_judged(bool loose, bool overTwisted, string check, string says)
    {
        var judged = new Sketch()
            .Box("B")
            .Splice("B", "J")
            .Wire("1", "J", null, conductor: Ends.Wire("14", Build.Stranded), with: w => w with { A = w.A with
                    {
                        Found = new AsMade(null, null) { Loose = loose, OverTwisted = overTwisted },
                    } })
            .Judged();
        var found = Assert.Single(judged.Findings, f => f.Finding.Check == check);
        Assert.Equal(CheckScope.End, found.About.Scope);
        Assert.Contains(says, Ends.Read(found.Finding.Do), StringComparison.Ordinal);
    }
}
