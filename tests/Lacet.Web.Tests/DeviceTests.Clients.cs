using System.Net.Sockets;
using System.Text;
using Lacet.Devices;
using Microsoft.Extensions.DependencyInjection;

namespace Lacet.Web.Tests;

public sealed partial class DeviceTests
{
    /// <summary>A tool made of nothing but a socket.</summary>
    private sealed class Tool(TcpClient client, string token) : IDisposable
    {
        private readonly StreamReader _reader = new(client.GetStream());

        /// <summary>Pairs a tool, and connects it.</summary>
        public static async Task<Tool> ConnectAsync(
            RunningServer server,
            string name = "Bench driver",
            bool standIn = false
        )
        {
            var (status, paired) = await server.PostAsync("/api/tools", new { name, standIn });
            Assert.Equal(HttpStatusCode.OK, status);
            return await ComeAsync(server, paired.GetProperty("token").GetString()!);
        }

        /// <summary>Connects with a token.</summary>
        public static async Task<Tool> ComeAsync(RunningServer server, string token)
        {
            var client = new TcpClient();
            await client.ConnectAsync(await server.Services.GetRequiredService<DeviceHub>().Listening, Cancellation);
            return new Tool(client, token);
        }

        public string Hello(
            string? token = null,
            double range = 3,
            string unit = "N·m",
            int protocol = 1,
            string id = "bench-1"
        ) =>
            JsonSerializer.Serialize(
                new
                {
                    type = "hello",
                    protocol,
                    token = token ?? Token,
                    tool = new
                    {
                        id,
                        unit,
                        rangeMost = range,
                        calibratedOn = "2026-02-01",
                        // What a tool says of this counts for nothing.
                        standIn = id == "boasts",
                        name = "What it says itself",
                    },
                }
            );

        public string Token => token;

        public async Task SendAsync(string line)
        {
            try
            {
                await client.GetStream().WriteAsync(Encoding.UTF8.GetBytes(line + "\n"), Cancellation);
            }
            catch (IOException)
            {
                // Closed already, which is what the test asks about next.
            }
        }

        public async Task<JsonElement> ReceiveAsync() =>
            JsonSerializer.Deserialize<JsonElement>((await _reader.ReadLineAsync(Cancellation))!);

        public async Task<bool> IsClosedAsync()
        {
            try
            {
                return await _reader
                    .ReadLineAsync(Cancellation)
                    .AsTask()
                    .WaitAsync(TimeSpan.FromSeconds(4), Cancellation)
                    is null;
            }
            catch (IOException)
            {
                return true;
            }
        }

        public void Dispose() => client.Dispose();
    }
}
