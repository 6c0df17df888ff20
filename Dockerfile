# Wren Lane in a container: phones and tablets come in over TLS on port 8788, by the passphrase in WREN_PASSPHRASE.
#
#   docker build -t wren-lane .
#   docker run -e WREN_PASSPHRASE='twelve or more' -p 8788:8788 -v wren-lane:/data wren-lane

FROM node:20-bookworm AS build
RUN apt-get update && apt-get install -y --no-install-recommends openjdk-17-jdk-headless maven
WORKDIR /src
COPY . .
RUN ./wren build

FROM debian:bookworm-slim
RUN apt-get update \
 && apt-get install -y --no-install-recommends openjdk-17-jre-headless curl \
 && rm -rf /var/lib/apt/lists/* \
 && useradd --system --uid 10001 --create-home wren \
 && install -d -o wren /data
COPY --from=build /src/server/target/app /app
USER wren
VOLUME /data
EXPOSE 8788
HEALTHCHECK --start-period=60s --interval=30s CMD curl -fsS http://127.0.0.1:8787/api/about || exit 1
ENTRYPOINT ["java", "-XX:SharedArchiveFile=/app/wren-lane.jsa", "-Xshare:auto", "-Xmx512m", "-XX:+UseSerialGC", \
            "-jar", "/app/wren-lane.jar", "--spring.main.lazy-initialization=true", \
            "--wren.data=/data", "--wren.lan=true", "--server.port=8787", "--wren.lan-port=8788"]
