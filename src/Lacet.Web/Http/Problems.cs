using System.Text.Json;
using Lacet.Core.People;
using Lacet.Core.Quantities;
using Lacet.Store;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.AspNetCore.Mvc;
using Microsoft.Data.Sqlite;

namespace Lacet.Web.Http;

/// <summary>Errors as problem details (RFC 9457): one sentence, and the field where it is one field's fault.</summary>
internal static partial class Problems
{
    // SQLite’s own result codes: sqlite.org/rescode.html.
    private const int SqliteBusy = 5;
    private const int SqliteLocked = 6;
    private const int SqliteFull = 13;

    /// <summary>ENOSPC of Linux.</summary>
    private const int NoSpace = 28;

    internal static void AddProblems(this IServiceCollection services)
    {
        services.AddProblemDetails(options =>
            options.CustomizeProblemDetails = context =>
                context.ProblemDetails.Detail ??= SentenceOf(
                    context.ProblemDetails.Status ?? StatusCodes.Status500InternalServerError
                )
        );
        services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
    }

    internal static void UseProblems(this WebApplication app)
    {
        app.UseExceptionHandler(
            new ExceptionHandlerOptions
            {
                // What a caller did wrong is the caller's to know, not the log's.
                SuppressDiagnosticsCallback = context => Read(context.Exception).Status < 500,
                ExceptionHandler = context =>
                {
                    var error = context.Features.Get<IExceptionHandlerFeature>()?.Error;
                    if (error is NotAllowedException refused)
                    {
                        return WriteAsync(context, refused);
                    }

                    var (status, sentence, field) = Read(error);
                    return WriteAsync(context, status, sentence, field);
                },
            }
        );
        app.UseStatusCodePages();
        // An import says for itself how large it may be.
        app.Use(
            (context, next) =>
                context.Request.ContentLength
                > (
                    context.GetEndpoint()?.Metadata.GetMetadata<IRequestSizeLimitMetadata>()?.MaxRequestBodySize
                    ?? Endpoints.LargestBody
                )
                    ? WriteAsync(context, StatusCodes.Status413PayloadTooLarge)
                    : next(context)
        );
    }

    internal static Task WriteAsync(HttpContext context, int status) => WriteAsync(context, status, SentenceOf(status));

    /// <summary>Somebody may not; where a password is all that is missing, the page asks for it.</summary>
    internal static Task WriteAsync(HttpContext context, NotAllowedException refused) =>
        WriteAsync(
            context,
            StatusCodes.Status403Forbidden,
            refused.Message,
            needs: refused.NeedsPassword ? "password" : null
        );

    /// <summary>Writes a problem.</summary>
    /// <param name="context">Whose answer it is.</param>
    /// <param name="status">Its status.</param>
    /// <param name="sentence">What is wrong.</param>
    /// <param name="field">The field where it is one field’s fault.</param>
    /// <param name="needs">What the page can do about it by itself: sign-in, password or token.</param>
    internal static Task WriteAsync(
        HttpContext context,
        int status,
        string sentence,
        string? field = null,
        string? needs = null
    )
    {
        context.Response.StatusCode = status;
        var problem = new ProblemDetails
        {
            Status = status,
            Title = Title(status),
            Detail = sentence,
        };
        if (field is not null)
        {
            problem.Extensions["field"] = field;
            problem.Extensions["errors"] = new Dictionary<string, string[]>(StringComparer.Ordinal)
            {
                [field] = [sentence],
            };
        }

        if (needs is not null)
        {
            problem.Extensions["needs"] = needs;
        }

        return context.Response.WriteAsJsonAsync(
            problem,
            options: null,
            "application/problem+json",
            context.RequestAborted
        );
    }

    private static (int Status, string Sentence, string? Field) Read(Exception? exception) =>
        exception switch
        {
            NotAllowedException refused => (StatusCodes.Status403Forbidden, refused.Message, null),
            CommandIdTakenException taken => (StatusCodes.Status409Conflict, taken.Message, "id"),
            ImpossibleInputException impossible => (
                StatusCodes.Status422UnprocessableEntity,
                impossible.Message,
                impossible.Field
            ),
            SqliteException { SqliteErrorCode: SqliteFull } or IOException { HResult: NoSpace } => (
                StatusCodes.Status507InsufficientStorage,
                SentenceOf(StatusCodes.Status507InsufficientStorage),
                null
            ),
            SqliteException { SqliteErrorCode: SqliteBusy or SqliteLocked } => (
                StatusCodes.Status503ServiceUnavailable,
                SentenceOf(StatusCodes.Status503ServiceUnavailable),
                null
            ),
            BadHttpRequestException { StatusCode: StatusCodes.Status401Unauthorized } stranger => (
                StatusCodes.Status401Unauthorized,
                stranger.Message,
                null
            ),
            BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => (
                StatusCodes.Status413PayloadTooLarge,
                SentenceOf(StatusCodes.Status413PayloadTooLarge),
                null
            ),
            BadHttpRequestException { StatusCode: StatusCodes.Status415UnsupportedMediaType } => (
                StatusCodes.Status415UnsupportedMediaType,
                SentenceOf(StatusCodes.Status415UnsupportedMediaType),
                null
            ),
            BadHttpRequestException { InnerException: JsonException json } => ReadJson(json),
            // A part without its kind: which of them it is, nobody can say.
            NotSupportedException { Message: var message } when KindMissing().Match(message) is { Success: true } at =>
                NoKind(at.Groups["path"].Value),
            BadHttpRequestException { InnerException: NotSupportedException { Message: var message } }
                when KindMissing().Match(message) is { Success: true } at => NoKind(at.Groups["path"].Value),
            BadHttpRequestException bad when ParameterName().Match(bad.Message) is { Success: true } name => (
                bad.StatusCode,
                $"{name.Groups["name"].Value} is missing or has the wrong type.",
                name.Groups["name"].Value
            ),
            BadHttpRequestException bad => (
                bad.StatusCode,
                "The request is not understood: it must be JSON of the documented shape.",
                null
            ),
            _ => (StatusCodes.Status500InternalServerError, SentenceOf(StatusCodes.Status500InternalServerError), null),
        };

    private static string SentenceOf(int status) =>
        status switch
        {
            StatusCodes.Status404NotFound => "There is nothing at this address.",
            StatusCodes.Status405MethodNotAllowed => "This address takes no such request.",
            StatusCodes.Status413PayloadTooLarge => "That is far more than Lacet reads at once. Nothing was stored.",
            StatusCodes.Status415UnsupportedMediaType => "Send JSON, with the content type application/json.",
            StatusCodes.Status429TooManyRequests =>
                "That is more at once than Lacet takes. Nothing of this was stored; wait a moment, and send it again.",
            StatusCodes.Status503ServiceUnavailable =>
                "Another program holds the database. Nothing of this was stored; close that program, and send it again.",
            StatusCodes.Status507InsufficientStorage =>
                "The disk is full. Nothing of this was stored; make room, and send it again.",
            >= 500 =>
                "Lacet failed here. What it did not finish is not stored; send it again, and it is done once. The log says more.",
            _ => "The request is not understood.",
        };

    private static string Title(int status) =>
        status switch
        {
            StatusCodes.Status401Unauthorized => "Not signed in",
            StatusCodes.Status403Forbidden => "Not allowed",
            StatusCodes.Status404NotFound => "Not found",
            StatusCodes.Status409Conflict => "Conflict",
            StatusCodes.Status413PayloadTooLarge => "Too large",
            StatusCodes.Status422UnprocessableEntity => "Understood, but impossible",
            StatusCodes.Status429TooManyRequests => "Too many",
            StatusCodes.Status503ServiceUnavailable => "Busy",
            StatusCodes.Status507InsufficientStorage => "No room",
            >= 500 => "Lacet failed",
            _ => "Not understood",
        };
}
