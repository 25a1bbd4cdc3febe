namespace Lacet.Web.Tests;

/// <summary>Whose English an answer is in: by the header that browsers send (RFC 9110, 12.5.4).</summary>
public sealed class ReaderWordsTests
{
    [Theory]
    [InlineData("en-US", "ground", "earth")]
    [InlineData("en-GB", "earth", "ground")]
    [InlineData("fr-FR", "earth", "ground")]
    [InlineData(null, "earth", "ground")]
    public async Task Ground_is_said_to_whoever_asks_in_american_english(string? language, string said, string notSaid)
    {
        await using var server = await RunningServer.StartAsync();
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/cords/case")
        {
            Content = JsonContent.Create(
                new
                {
                    volts = 120,
                    hertz = 60,
                    lineNanofarads = 4.7,
                    neutralNanofarads = 4.7,
                    earthed = true,
                    reversed = false,
                }
            ),
        };
        if (language is not null)
        {
            request.Headers.Add("Accept-Language", language);
        }

        using var response = await server.Client.SendAsync(request);
        var answer = await response.Content.ReadFromJsonAsync<JsonElement>();
        Assert.Equal(HttpStatusCode.OK, response.StatusCode);
        foreach (var sentence in new[] { answer.GetProperty("says"), answer.GetProperty("caution") })
        {
            Assert.Contains($" {said}", sentence.GetString(), StringComparison.Ordinal);
            Assert.DoesNotContain($" {notSaid}", sentence.GetString(), StringComparison.Ordinal);
        }

        // Numbers are the same to everybody.
        Assert.Equal(JsonValueKind.Number, answer.GetProperty("caseVolts").ValueKind);
    }
}
