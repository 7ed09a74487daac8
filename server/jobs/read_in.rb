# frozen_string_literal: true

require "securerandom"

module Server
  module Jobs
    # Reads a file of a bench in that has too much in it for a page to wait for: every pick is weighed. It is there whole, or not at all,
    # whoever stops it or dies meanwhile.
    class ReadIn < Que::Job
      self.maximum_retry_count = 3

      # Picks that a page waits for.
      SOON = 40
      # Things of any sort that it waits for.
      FEW = 400

      class << self
        # @return [String]
        def kind
          "read_in"
        end

        # @param maker [Models::Maker]
        # @param file [Hash]
        # @param clash [String]
        # @return [Hash] the job's document; where there is little in the file it is done
        # @raise [OakenGauge::Documents::Invalid]
        def ask(maker, file, clash)
          importer = Importer.new(file, clash: clash)
          return wait(maker, file, clash) if long?(file)

          importer.add_to(maker)
          { "id" => nil, "state" => "done", "share" => 1, "doing" => "", "answer" => nil }
        end

        private

        # The same file may be read in twice: each time is a job of its own.
        def wait(maker, file, clash)
          Models::Job.ask(maker, self, { "file" => file, "clash" => clash, "time" => SecureRandom.hex(8) }).to_document
        end

        def long?(file)
          units = file.fetch("projects", []).flat_map { |project| project.fetch("units", []) }
          units.count { |unit| unit["pick"] } > SOON || units.size + %w[tools fabrics blocks].sum { |kind| file.fetch(kind, []).size } > FEW
        end
      end

      # @param id [Integer] of a {Models::Job}
      # @return [void]
      def run(id)
        job = Models::Job.find_by(id: id) or return
        job.work_whole do |told|
          Importer.new(job.question.fetch("file"), clash: job.question.fetch("clash")).add_to(job.maker, &told)
          {}
        end
        # Nobody needs the file any more.
        job.reload.update!(question: {}) if job.reload.state == "done"
      end
    end
  end
end
