using Lacet.Devices;

namespace Lacet.Web.Tests;

/// <summary>A meter that is not there measures cords that are not there, each always the same way.</summary>
public sealed class MultimeterStandInTests
{
    [Fact]
    public void Every_blade_beeps_at_one_end_and_no_two_at_the_same() =>
        Gen.Select(Gen.String[0, 40], Gen.Int[2, 3])
            .Sample(
                (cord, conductors) =>
                {
                    var ends = Enumerable
                        .Range(0, conductors)
                        .Select(blade =>
                            Enumerable
                                .Range(0, conductors)
                                .Single(end => MultimeterStandIn.Ohms(cord, conductors, blade, end) is not null)
                        )
                        .ToList();
                    Assert.Equal(Enumerable.Range(0, conductors), ends.Order());
                    Assert.All(
                        ends.Select((end, blade) => MultimeterStandIn.Ohms(cord, conductors, blade, end)!.Value),
                        ohms => Assert.InRange(ohms, 0.1, 0.99)
                    );
                }
            );

    [Fact]
    public async Task It_measures_only_where_stand_ins_run_and_says_that_it_is_simulated()
    {
        await using var server = await RunningServer.StartAsync();
        var question = new
        {
            cord = "c",
            conductors = 3,
            blade = 0,
            end = 0,
        };
        Assert.Equal(HttpStatusCode.NotFound, (await server.PostAsync("/api/cords/meter", question)).Status);
        Assert.Equal(
            HttpStatusCode.UnprocessableEntity,
            (
                await server.PostAsync(
                    "/api/cords/meter",
                    new
                    {
                        cord = "c",
                        conductors = 4,
                        blade = 0,
                        end = 0,
                    }
                )
            ).Status
        );
        await using var demo = await RunningServer.StartAsync(standIns: true);
        var (status, reading) = await demo.PostAsync("/api/cords/meter", question);
        Assert.Equal((HttpStatusCode.OK, true), (status, reading.GetProperty("simulated").GetBoolean()));
    }
}
