using System.Security.Cryptography;
using System.Text;
using Lacet.Store;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

public sealed partial class RecordTests
{
    [Fact]
    public async Task Taking_back_is_a_new_event_and_the_old_one_stays()
    {
        await using var server = await RunningServer.StartAsync();
        var id = Guid.NewGuid();
        await server.PostAsync("/api/records", Requests.Termination(Requests.Typed(), id));
        var (status, _) = await server.PostAsync("/api/records", Requests.Withdrawal(id));
        Assert.Equal(HttpStatusCode.Created, status);
        var (_, page) = await server.GetAsync("/api/records");
        Assert.Equal(2, page.GetProperty("total").GetInt64());
        Assert.Equal("withdrawn", page.GetProperty("items")[1].GetProperty("state").GetString());
        var (again, problem) = await server.PostAsync("/api/records", Requests.Withdrawal(id));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, again);
        Assert.Contains("taken back already", problem.GetProperty("detail").GetString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_withdrawal_sent_twice_stores_once()
    {
        await using var server = await RunningServer.StartAsync();
        var id = Guid.NewGuid();
        await server.PostAsync("/api/records", Requests.Termination(Requests.Typed(), id));
        var withdrawal = Requests.Withdrawal(id);
        await server.PostAsync("/api/records", withdrawal);
        Assert.Equal(HttpStatusCode.OK, (await server.PostAsync("/api/records", withdrawal)).Status);
        Assert.Equal(2, await server.EventsAsync());
    }

    [Fact]
    public async Task What_cannot_be_recorded_is_refused_by_field_and_nothing_is_stored()
    {
        await using var server = await RunningServer.StartAsync();
        var bad = new (object Record, string Field)[]
        {
            (Requests.Termination(Requests.Typed(-1)), "tightening.value"),
            (Requests.Termination(Requests.Typed(500)), "tightening.value"),
            (
                Requests.Termination(
                    new
                    {
                        method = "preset",
                        value = 0.6,
                        unit = "N·m",
                    }
                ),
                "tightening.tool"
            ),
            (
                Requests.Termination(
                    new
                    {
                        method = "reading",
                        value = 0.6,
                        unit = "ells",
                        tool = "t",
                    }
                ),
                "tightening.unit"
            ),
            (Requests.Termination(new { method = "reading", readingId = Guid.NewGuid() }), "tightening.readingId"),
            (Requests.Termination(new { method = "by-guess" }), "tightening.method"),
            (Requests.Termination(new { method = "seated" }), "tightening.method"),
            (Requests.Termination(Requests.Typed(), strip: -4), "measuredStripMm"),
            (Requests.Termination(Requests.Typed(), size: "16 mm²"), "landing"),
            (Requests.Termination(Requests.Typed(), size: "lots"), "conductor.size"),
            (Requests.Withdrawal(Guid.NewGuid()), "corrects"),
        };
        foreach (var (record, field) in bad)
        {
            var (status, problem) = await server.PostAsync("/api/records", record);
            Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
            Assert.Equal(field, problem.GetProperty("field").GetString());
        }

        Assert.Equal(0, await server.EventsAsync());
    }
}
